import { stretchesWhere, takesWork, type Work } from '../frame/belonging';
import type { Target } from '../model/frame';
import type { Workspace } from '../model/workspace';
import { blocksIn, spanOfBlock, taskOf } from '../tasks/places';
import { intersect, minutesOf, type Span } from '../time/span';
import { daysOfWeek } from '../time/week';
import { dayOf, type IsoDate, type Zone } from '../time/zone';
import { entriesIn } from '../track/entries';
import { spanOfEntry } from '../track/spent';
import { pockets } from './placing';

/** How a target stands in a week, in minutes. */
export type Standing = {
  readonly target: Target;
  /** Blocks of the week on tasks of the category. */
  readonly scheduled: number;
  /** Time spent on them in the week. */
  readonly done: number;
  /** What it will come to as things stand: done so far, and the blocks that are still ahead. */
  readonly expected: number;
  /** Free room from now on in zones that take such work. */
  readonly possible: number;
  /** Minutes that are missing to what is wanted at least; 0 when none are. */
  readonly short: number;
  /** The part of `short` for which no room is left. */
  readonly beyond: number;
  /** Minutes above what is wanted at most; 0 when none are. */
  readonly over: number;
};

/** How each target stands in the week of a date. Time ahead counts from `now` (epoch ms) on. */
export function standings(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Standing[] {
  const dates = daysOfWeek(date, workspace.settings.weekStart);
  const week = {
    from: dayOf(dates[0] ?? date, zone).from,
    to: dayOf(dates[6] ?? date, zone).to,
  };
  const ahead = [{ from: Math.max(now, week.from), to: week.to }];
  const isOf = (category: string, taskId: string) => taskOf(workspace, taskId)?.category === category;
  const inWeek = (spans: readonly Span[]) => intersect(spans, [week]);
  const planned = blocksIn(workspace, week, zone);
  const worked = entriesIn(workspace.entries, week, now);
  return workspace.targets.values().map((target) => {
    const { category, least, most } = target;
    const blocks = inWeek(planned.filter(({ taskId }) => isOf(category, taskId)).map(spanOfBlock));
    const spent = inWeek(
      worked
        .filter(({ subject }) => subject.kind === 'task' && isOf(category, subject.taskId))
        .map((entry) => spanOfEntry(entry, now)),
    );
    const done = minutesOf(spent);
    const expected = done + minutesOf(intersect(blocks, ahead));
    const possible = minutesOf(roomFor(workspace, { category, listId: '' }, dates, zone, now));
    const short = Math.max(0, (least ?? 0) - expected);
    return {
      target,
      scheduled: minutesOf(blocks),
      done,
      expected,
      possible,
      short,
      beyond: Math.max(0, short - possible),
      over: most === null ? 0 : Math.max(0, expected - most),
    };
  });
}

/** The free stretches of some days, from `now` on, that lie in zones which take a kind of work. */
export function roomFor(
  workspace: Workspace,
  work: Work,
  dates: readonly IsoDate[],
  zone: Zone,
  now: number,
): Span[] {
  return dates.flatMap((date) => {
    const meant = stretchesWhere(workspace, date, zone, (one) => takesWork(one, work));
    return intersect(pockets(workspace, date, zone, now), meant);
  });
}
