import type { Id } from '../model/common';
import type { Block, TrayItem } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { minutesTaken } from '../tasks/takes';
import { spanOfBlock, taskOf, tasksOfBlock } from '../tasks/places';
import { entriesIn } from '../track/entries';
import { minutesSpent } from '../track/spent';
import { MINUTE, intersect, overlaps, type Span } from '../time/span';
import { stretchesWhere } from '../frame/belonging';
import { addDays, dateOf, dayOf, type IsoDate, type Zone } from '../time/zone';
import { dayPlan } from './dayPlan';
import { judge, type Finding } from './judge';
import { pockets, quarterFrom, STEP } from './placing';

/*
 * What is left of a day is decided on one by one. What each thing may become is judged as every placement is.
 */

/** Something of a day that was not finished, and where it stood: a block or the tray, or nowhere when it was only begun. */
export type Unfinished = { readonly task: Task; readonly place: Block | TrayItem | undefined };

/** What of a day is not done: the keystone first, then by hour, then the tray, then what was begun without a plan; each task once. */
export function unfinishedOn(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Unfinished[] {
  const plan = dayPlan(workspace, date, zone);
  const day = dayOf(date, zone);
  const planned = [
    ...plan.blocks
      .filter(({ start }) => start >= day.from)
      .flatMap((block) => tasksOfBlock(block).map((id) => ({ id, place: block }))),
    ...plan.tray.map((item) => ({ id: item.taskId, place: item })),
    ...entriesIn(workspace.entries, day, now).flatMap(({ subject }) =>
      subject.kind === 'task' ? [{ id: subject.taskId, place: undefined }] : [],
    ),
  ];
  const keystone = workspace.days.get(date)?.keystone;
  const found = new Map<string, Unfinished>();
  for (const { id, place } of planned) {
    const task = taskOf(workspace, id);
    if (!task || task.doneAt !== null || task.parked || found.has(id)) continue;
    found.set(id, { task, place });
  }
  return [...found.values()].sort((a, b) => Number(b.task.id === keystone) - Number(a.task.id === keystone));
}

/** Where a task goes on: the day, and the instant at which it starts there (epoch ms), null in the tray. */
export type LaterPlace = { readonly date: IsoDate; readonly start: number | null };

/** What has a place later than a day, within two weeks: each task with the first of its places, in the order in which they come. */
export function placesAfter(workspace: Workspace, date: IsoDate, zone: Zone): ReadonlyMap<Id, LaterPlace> {
  const found = new Map<Id, LaterPlace>();
  for (let i = 1; i <= DAYS; i += 1) {
    const { date: day, span, blocks, tray } = dayPlan(workspace, addDays(date, i), zone);
    const places = [
      ...blocks
        .filter(({ start }) => start >= span.from)
        .flatMap((block) => tasksOfBlock(block).map((id) => ({ id, start: block.start }))),
      ...tray.map(({ taskId }) => ({ id: taskId, start: null })),
    ];
    for (const { id, start } of places) if (!found.has(id)) found.set(id, { date: day, start });
  }
  return found;
}

/** How many days ahead a place is looked for. */
const DAYS = 14;

/** Minutes that are left of a task: its estimate less what was spent on it, on quarter hours, one at least. */
export function minutesLeft(workspace: Workspace, task: Task, now: number): number {
  const left = minutesTaken(workspace, task) - minutesSpent(workspace.entries, task.id, now);
  return Math.max(STEP, Math.ceil(left / STEP) * STEP);
}

/** A place for what is left over, and what it means. */
export type Best = {
  readonly start: number;
  readonly minutes: number;
  readonly findings: readonly Finding[];
};

/**
 * How bad findings are; 0 is a good place. What comes too late weighs more than any number of other findings, a place in the
 * wrong zone less than a day that gets too full.
 */
const WEIGHTS: Readonly<Record<Finding['kind'], number>> = {
  collides: 10_000,
  late: 1000,
  tooLate: 1000,
  overGroup: 100,
  overDay: 40,
  afterDay: 20,
  inZone: 10,
  tooClose: 2,
};

export const badness = (findings: readonly Finding[]): number =>
  findings.reduce((sum, { kind }) => sum + WEIGHTS[kind], 0);

/** Places by how little harm they mean, of equal ones the earliest first. */
const inOrder = (places: readonly Best[]): Best[] =>
  [...places].sort((a, b) => badness(a.findings) - badness(b.findings) || a.start - b.start);

/**
 * The best places for a task from an instant on, in the free hours of two weeks: those that mean least harm, of equal ones the
 * earliest; one a pocket, no more than `most`.
 */
export function bestPlaces(
  workspace: Workspace,
  taskId: string,
  minutes: number,
  from: number,
  zone: Zone,
  most = 3,
): Best[] {
  const first = dateOf(from, zone);
  const each = [...Array(DAYS).keys()]
    .flatMap((i) => pockets(workspace, addDays(first, i), zone, from))
    .flatMap((pocket) => bestIn(workspace, pocket, taskId, minutes, zone) ?? []);
  return inOrder(each).slice(0, most);
}

/** The best place within a pocket, on quarter hours. */
function bestIn(
  workspace: Workspace,
  pocket: Span,
  taskId: string,
  minutes: number,
  zone: Zone,
): Best | undefined {
  let best: Best | undefined;
  for (let start = quarterFrom(pocket.from); start + minutes * MINUTE <= pocket.to; start += STEP * MINUTE) {
    const to = { kind: 'hours', start, minutes } as const;
    const findings = judge(workspace, { what: { kind: 'task', taskId }, to }, { zone });
    if (!best || badness(findings) < badness(best.findings)) best = { start, minutes, findings };
    if (findings.length === 0) break;
  }
  return best;
}

/** The best place for a task on one day from `now` on, within stretches if some are given; undefined where none is free. */
export function bestOn(
  workspace: Workspace,
  taskId: string,
  minutes: number,
  date: IsoDate,
  zone: Zone,
  now: number,
  within?: readonly Span[],
): Best | undefined {
  const free = pockets(workspace, date, zone, now);
  const room = within ? intersect(free, within) : free;
  return inOrder(room.flatMap((pocket) => bestIn(workspace, pocket, taskId, minutes, zone) ?? []))[0];
}

/**
 * Where what matters most on a day should go: into the hours at which one is sharp, else, while it has no hour yet, anywhere on
 * the day. Undefined where it stands well already.
 */
export function keystonePlace(
  workspace: Workspace,
  taskId: string,
  minutes: number,
  { date, stands }: { readonly date: IsoDate; readonly stands: Block | undefined },
  zone: Zone,
  now: number,
): Best | undefined {
  const sharp = stretchesWhere(
    workspace,
    date,
    zone,
    ({ kind, energy }) => kind === 'work' && energy === 'sharp',
  );
  if (stands && sharp.some((span) => overlaps(span, spanOfBlock(stands)))) return undefined;
  const best = bestOn(workspace, taskId, minutes, date, zone, now, sharp);
  return best ?? (stands ? undefined : bestOn(workspace, taskId, minutes, date, zone, now));
}

/**
 * The place of a task that moves when it gets another: its own, but for a block that is over, which stays as it tells what was
 * planned.
 */
export function placeThatMoves(
  task: Task,
  place: Block | TrayItem | undefined,
  now: number,
): Block | TrayItem | undefined {
  if (place?.taskId !== task.id) return undefined;
  return 'start' in place && spanOfBlock(place).to <= now ? undefined : place;
}
