import { startsIn } from '../calendar/recurring';
import { rememberedPer, rememberedWhile } from '../model/remember';
import type { Block, TrayItem } from '../model/plan';
import { ownReminders } from '../model/reminder';
import type { RepeatingTask } from '../model/repeating';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import type { Span } from '../time/span';
import { addDays, dayOf, instantOf, type IsoDate, type Zone } from '../time/zone';
import { newTask } from './newTask';

/** Whether its times have a day but no hour. */
export const inTray = ({ start }: RepeatingTask): boolean => start.wall.length === 10;

/** One time of a repeating task to which nothing has happened yet: the task, and its block or its place in a tray. */
export type Time = { readonly task: Task; readonly block?: Block; readonly item?: TrayItem };

const timesOf = rememberedPer((_: RepeatingTask) => new Map<string, Time>());

/** The time that the rule puts at a wall start, as long as nothing has happened to it. All its records bear one id. */
export function timeAt(repeating: RepeatingTask, recurrence: string): Time {
  const known = timesOf(repeating);
  const time = known.get(recurrence) ?? newTime(repeating, recurrence);
  known.set(recurrence, time);
  return time;
}

function newTime(repeating: RepeatingTask, recurrence: string): Time {
  const { title, notes, listId, estimate, priority, rank, minutes, due, group, category } = repeating;
  const id = `${repeating.id}@${recurrence}`;
  const date = recurrence.slice(0, 10);
  const start = instantOf(recurrence, repeating.start.zone ?? 'UTC');
  const words = { title, notes, listId, estimate, priority, ...(category === undefined ? {} : { category }) };
  const task: Task = {
    ...newTask({
      id,
      createdAt: start,
      ...words,
      due: due && { date: addDays(date, due.days), time: due.time },
      repeats: { id: repeating.id, recurrence },
    }),
    ...ownReminders(repeating),
    rank,
  };
  return inTray(repeating)
    ? { task, item: { id, taskId: id, date } }
    : { task, block: { id, taskId: id, start, minutes, ...(group ? { holds: [] } : {}) } };
}

/** The times of a repeating task to which nothing has happened, that begin within a stretch of time, in order. */
export const timesIn = (repeating: RepeatingTask, range: Span, zone: Zone): Time[] =>
  startsIn(repeating, range, zone).map(({ recurrence }) => timeAt(repeating, recurrence));

/** The time that an id names, if nothing has happened to it yet. */
export function untouchedTime(repeats: Workspace['repeats'], id: string): Time | undefined {
  const at = id.lastIndexOf('@');
  const repeating = at > 0 ? repeats.get(id.slice(0, at)) : undefined;
  const recurrence = id.slice(at + 1);
  return repeating && !repeating.without.includes(recurrence) ? timeAt(repeating, recurrence) : undefined;
}

/** The workspace in which a time of a repeating task is a task of its own, with its place; other ids change nothing. */
export function touched(workspace: Workspace, id: string): Workspace {
  const time = workspace.tasks.has(id) ? undefined : untouchedTime(workspace.repeats, id);
  const repeating = time && repeatingOf(time.task, workspace.repeats);
  if (!time?.task.repeats || !repeating) return workspace;
  const without = [...repeating.without, time.task.repeats.recurrence];
  return {
    ...workspace,
    repeats: workspace.repeats.with([{ ...repeating, without }]),
    tasks: workspace.tasks.with([time.task]),
    blocks: workspace.blocks.with(time.block ? [time.block] : []),
    tray: workspace.tray.with(time.item ? [time.item] : []),
  };
}

/** Whether a task is a time of a repeating one to which nothing has happened yet. */
export const isUntouched = ({ repeats: time }: Task, repeats: Workspace['repeats']): boolean => {
  const repeating = time && repeats.get(time.id);
  return repeating !== undefined && !repeating.without.includes(time?.recurrence ?? '');
};

/** The repeating task that a task is a time of, if it still repeats. */
export const repeatingOf = (task: Task, repeats: Workspace['repeats']): RepeatingTask | undefined =>
  task.repeats && repeats.get(task.repeats.id);

/** How far ahead the next time of a repeating task is looked for, in days: leap days come every eight years at most. */
const FURTHEST = 8 * 366;

/** The first time of a repeating task from a day on, the day included; undefined when it has come to its end. */
export function nextTime(repeating: RepeatingTask, today: IsoDate, zone: Zone): Time | undefined {
  const { from } = dayOf(today, zone);
  for (let days = 28; days <= FURTHEST; days *= 4) {
    const [next] = startsIn(repeating, { from, to: dayOf(addDays(today, days), zone).to }, zone);
    if (next) return timeAt(repeating, next.recurrence);
  }
  return undefined;
}

/** The next time of each repeating task, from a day on. */
export const nextTimes = rememberedWhile(
  (_: Workspace, today: IsoDate, zone: Zone) => `${today} ${zone}`,
  ({ repeats }) => [repeats],
  ({ repeats }, today, zone) =>
    repeats.values().flatMap((repeating) => nextTime(repeating, today, zone) ?? []),
);
