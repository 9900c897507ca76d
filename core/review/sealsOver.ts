import { median } from '../median';
import type { Seal } from '../model/seal';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { taskOf } from '../tasks/places';
import { sinceSeal, type Drift } from '../plan/sinceSeal';
import { MINUTE, intersect } from '../time/span';
import { addDays, instantOf, type IsoDate, type Zone } from '../time/zone';
import { entriesOf, spanOfEntry } from '../track/spent';
import { inGroups } from './inGroups';

/** What became of the sealed weeks of a stretch. */
export type SealsOver = {
  readonly weeks: number;
  readonly added: number;
  readonly moved: number;
  readonly dropped: number;
  /** Tasks that were worked on in their week, but at no minute for which they were sealed. */
  readonly elsewhere: number;
  /** Minutes of the weeks: as they stand less as they were sealed. */
  readonly minutes: number;
  /** By how much the median thing was moved from one hour to another, in minutes; null where none was. */
  readonly shift: number | null;
  /** What was moved or dropped more than once, the most often first. */
  readonly often: readonly { readonly of: string; readonly title: string; readonly times: number }[];
};

/** So many things are named that were moved often. */
const NAMED = 5;

/** By how much something was moved, in minutes; of what has no hour before or after nothing is said. */
const shiftOf = ({ was, is }: Drift): number[] =>
  was?.kind === 'hours' && is?.kind === 'hours' && was.from !== is.from
    ? [Math.abs(is.from - was.from) / MINUTE]
    : [];

/** How many tasks of a sealed week were worked on in it, but never when it was planned. */
function doneElsewhere({ entries }: Workspace, { id, blocks }: Seal, zone: Zone): number {
  const week = { from: instantOf(id, zone), to: instantOf(addDays(id, 7), zone) };
  const tasks = inGroups(
    blocks.flatMap(({ taskId, start, minutes }) => [{ taskId, from: start, to: start + minutes * MINUTE }]),
    ({ taskId }) => taskId,
  );
  return [...tasks].filter(([taskId, sealed]) => {
    const own = entriesOf(entries, { kind: 'task', taskId }).map((entry) => spanOfEntry(entry, week.to));
    const spent = intersect(own, [week]);
    return spent.length > 0 && intersect(spent, sealed).length === 0;
  }).length;
}

/** What became of the sealed weeks that lie between two days at least in part; null where none was sealed. Tasks that are not `isShown` are not named. */
export function sealsOver(
  workspace: Workspace,
  first: IsoDate,
  last: IsoDate,
  zone: Zone,
  isShown: (task: Task) => boolean = () => true,
): SealsOver | null {
  const seals = workspace.seals.values().filter(({ id }) => id <= last && addDays(id, 6) >= first);
  if (seals.length === 0) return null;
  const since = seals.map((seal) => sinceSeal(workspace, seal, zone));
  const drifts = since.flatMap((each) => each.drifts);
  const count = (change: Drift['change']) => drifts.filter((drift) => drift.change === change).length;
  const shifts = drifts.flatMap(shiftOf);
  const elsewhere = drifts.filter(({ change }) => change !== 'added');
  const isNamed = (id: string) => {
    const task = taskOf(workspace, id);
    return !task || isShown(task);
  };
  const often = [...inGroups(elsewhere, ({ of }) => of)]
    .map(([of, own]) => ({ of, title: own[0]?.title ?? '', times: own.length }))
    .filter(({ of, times }) => times > 1 && isNamed(of))
    .sort((a, b) => b.times - a.times);
  return {
    weeks: seals.length,
    added: count('added'),
    moved: count('moved'),
    dropped: count('dropped'),
    elsewhere: seals.reduce((sum, seal) => sum + doneElsewhere(workspace, seal, zone), 0),
    minutes: since.reduce((sum, each) => sum + each.minutes, 0),
    shift: shifts.length === 0 ? null : Math.round(median(shifts)),
    often: often.slice(0, NAMED),
  };
}
