import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lastInstant, meetingNeeding } from '../tasks/deadline';
import { minutesTaken } from '../tasks/takes';
import { openOnes } from '../tasks/openTasks';
import { isWhole } from '../tasks/parts';
import { blocksOfTask, spanOfBlock } from '../tasks/places';
import { intersect, minutesOf } from '../time/span';
import { addDays, dateOf, dayOf, daysBetween, type IsoDate, type Zone } from '../time/zone';
import { clockWords, durationWords, type ClockStyle } from '../time/words';
import { minutesSpent } from '../track/spent';
import { pockets } from './placing';

/** Too little time before a deadline: what is still to be planned and what is free until then, in minutes. */
export type Shortfall = {
  readonly at: number;
  /** The meeting that begins then and needs something, if it is one. */
  readonly meeting: string | null;
  readonly needed: number;
  readonly free: number;
  /** What is to be planned is counted with what such work really takes. */
  readonly asItTakes?: true;
};

/** Deadlines further ahead than this many days are not looked at: too little is planned yet to say. */
const AHEAD = 14;

/** Minutes of a task that are neither spent nor planned between `now` and its deadline. */
function unplanned(task: Task, workspace: Workspace, deadline: number, now: number): number {
  const left = minutesTaken(workspace, task) - minutesSpent(workspace.entries, task.id, now);
  const blocks = blocksOfTask(workspace, task.id).map(spanOfBlock);
  return Math.max(0, left - minutesOf(intersect(blocks, [{ from: now, to: deadline }])));
}

/**
 * The first deadline of a day before which too little time is left: what all open tasks due until then still need is
 * more than the free pockets from `now` on (earliest deadline first: if that order fails, every order does; Jackson
 * 1955). Undefined when all can be done, or the day lies behind or too far ahead.
 */
export function shortfallOn(
  workspace: Workspace,
  date: IsoDate,
  zone: Zone,
  now: number,
): Shortfall | undefined {
  const today = dateOf(now, zone);
  const days = daysBetween(today, date);
  if (days < 0 || days > AHEAD) return undefined;
  const { from, to } = dayOf(date, zone);
  const ahead = openOnes(workspace, today, zone)
    .filter(({ id }) => !isWhole(workspace, id))
    .map((task) => ({ task, last: lastInstant(task, workspace.events, zone) }))
    .filter(({ last }) => last > now && last <= to)
    .sort((a, b) => a.last - b.last);
  if (!ahead.some(({ last }) => last > from)) return undefined;
  const free = Array.from({ length: days + 1 }, (_, i) =>
    pockets(workspace, addDays(today, i), zone, now),
  ).flat();
  let needed = 0;
  for (const [i, { task, last }] of ahead.entries()) {
    needed += unplanned(task, workspace, last, now);
    if (last <= from || ahead[i + 1]?.last === last) continue;
    const room = minutesOf(intersect(free, [{ from: now, to: last }]));
    if (needed <= room) continue;
    const meeting = meetingNeeding(task, workspace.events, zone);
    return {
      at: last,
      meeting: meeting?.from === last ? meeting.title : null,
      needed,
      free: room,
      ...(workspace.settings.pace ? { asItTakes: true } : {}),
    };
  }
  return undefined;
}

/** A shortfall in words: `2 h to plan before Weir hearing, 1 h free`. */
export function shortfallWords(
  { at, meeting, needed, free, asItTakes }: Shortfall,
  zone: Zone,
  clock: ClockStyle,
): string {
  const before = meeting ?? clockWords(at, zone, clock);
  const day = meeting === null && clockWords(at, zone, 24) === '00:00' ? 'the day ends' : before;
  const counted = asItTakes ? ', as it really takes,' : '';
  return `${durationWords(needed)} to plan${counted} before ${day}, ${durationWords(free)} free`;
}
