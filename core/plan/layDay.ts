import { plainName } from '../model/names';
import type { DayLayout, LaidBlock } from '../model/template';
import type { Workspace } from '../model/workspace';
import { taskOf, trayOn } from '../tasks/places';
import { intersect, MINUTE, subtract, type Span } from '../time/span';
import { dateOf, dayOf, instantOf, timeOf, type IsoDate, type Zone } from '../time/zone';
import { dayPlan, takenOn } from './dayPlan';
import { intentionsOfDay } from './intentions';
import { pockets, quarterFrom, STEP } from './placing';

/** A block of a layout on a day: where it begins (epoch ms), or null where it has room nowhere. */
export type Laid = { readonly block: LaidBlock; readonly start: number | null; readonly isMoved: boolean };

/**
 * Lays blocks around what a day already holds, from `now` on. Each stands at its own hour where nothing else does; the
 * others, in the order of their hours, at the nearest quarter hour of free working time that takes them whole. Given as they
 * stand then, and what has no room last.
 */
export function layBlocks(
  workspace: Workspace,
  blocks: readonly LaidBlock[],
  date: IsoDate,
  zone: Zone,
  now: number,
): Laid[] {
  const past = { from: -Infinity, to: now };
  let free = subtract([dayOf(date, zone)], [...takenOn(workspace, dayPlan(workspace, date, zone)), past]);
  const working = pockets(workspace, date, zone, now);
  const laid: Laid[] = [];
  const lay = (block: LaidBlock, start: number, isMoved: boolean) => {
    laid.push({ block, start, isMoved });
    free = subtract(free, [{ from: start, to: start + block.minutes * MINUTE }]);
  };
  const own = ({ at }: LaidBlock) => instantOf(`${date}T${at}`, zone);
  const displaced: LaidBlock[] = [];
  for (const block of [...blocks].sort((a, b) => own(a) - own(b))) {
    const [start, end] = [own(block), own(block) + block.minutes * MINUTE];
    if (free.some(({ from, to }) => from <= start && end <= to)) lay(block, start, false);
    else displaced.push(block);
  }
  for (const block of displaced) {
    const start = nearest(intersect(free, working), own(block), block.minutes);
    if (start === undefined) laid.push({ block, start: null, isMoved: true });
    else lay(block, start, true);
  }
  const startOf = ({ start }: Laid) => start ?? Infinity;
  return laid.sort((a, b) => startOf(a) - startOf(b));
}

const quarterBefore = (instant: number): number => Math.floor(instant / (STEP * MINUTE)) * STEP * MINUTE;

/** The quarter hour nearest to an instant from which some minutes lie in one of the stretches; of two the earlier. */
function nearest(stretches: readonly Span[], instant: number, minutes: number): number | undefined {
  const starts = stretches.flatMap(({ from, to }) => {
    const [first, last] = [quarterFrom(from), quarterBefore(to - minutes * MINUTE)];
    const around = [quarterBefore(instant), quarterFrom(instant)];
    return last < first ? [] : around.map((at) => Math.min(last, Math.max(first, at)));
  });
  return starts.sort((a, b) => Math.abs(a - instant) - Math.abs(b - instant) || a - b)[0];
}

export type LaidDay = Omit<DayLayout, 'blocks'> & {
  readonly blocks: readonly Laid[];
  /** What the day has already by the same name, and does not get again. */
  readonly there: readonly string[];
};

/** What a layout would bring to a day, around what is there; see `layBlocks`. */
export function laidOn(
  workspace: Workspace,
  layout: DayLayout,
  date: IsoDate,
  zone: Zone,
  now: number,
): LaidDay {
  const has = layoutOf(workspace, date, zone);
  const there: string[] = [];
  /** Those that the day has not; `known` are the names of what it has. */
  const lacking = <T>(things: readonly T[], known: readonly string[], nameOf: (thing: T) => string): T[] => {
    const names = new Set(known.map(plainName));
    const isThere = (thing: T) => names.has(plainName(nameOf(thing)));
    there.push(...things.filter(isThere).map(nameOf));
    return things.filter((thing) => !isThere(thing));
  };
  const titleOf = ({ title }: { readonly title: string }) => title;
  const textOf = ({ text }: { readonly text: string }) => text;
  const planned = [...has.blocks, ...has.tray].map(titleOf);
  return {
    blocks: layBlocks(workspace, lacking(layout.blocks, planned, titleOf), date, zone, now),
    tray: lacking(layout.tray, planned, titleOf),
    intentions: lacking(layout.intentions, has.intentions, (text) => text),
    checklist: lacking(layout.checklist, has.checklist.map(textOf), textOf),
    there,
  };
}

/** What a day is made of: its blocks that begin on it, its tray, what it is meant for, and its own checklist. */
export function layoutOf(workspace: Workspace, date: IsoDate, zone: Zone): DayLayout {
  const kindOf = (taskId: string) => {
    const { title = '', category, listId, estimate = null } = taskOf(workspace, taskId) ?? {};
    return { title, estimate, category, listId };
  };
  const blocks = dayPlan(workspace, date, zone)
    .blocks.filter(({ start }) => dateOf(start, zone) === date)
    .map(({ taskId, start, minutes }) => {
      const { estimate: _, ...kind } = kindOf(taskId);
      return { ...kind, at: timeOf(start, zone), minutes };
    });
  return {
    blocks: blocks.filter(({ title }) => title !== ''),
    tray: trayOn(workspace, date, zone)
      .map(({ taskId }) => kindOf(taskId))
      .filter(({ title }) => title !== ''),
    intentions: intentionsOfDay(workspace, date).map(({ text }) => text),
    checklist: (workspace.days.get(date)?.checklist ?? []).map(({ text, at }) => ({ text, at })),
  };
}
