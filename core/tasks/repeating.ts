import { Temporal } from 'temporal-polyfill';
import { knownOccurrences } from '../calendar/occurrences';
import { plainEvent, type CalendarEvent } from '../model/event';
import { derivedByPart, type Collection, type Part } from '../model/collection';
import type { Block, TrayItem } from '../model/plan';
import type { RepeatingTask } from '../model/repeating';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { addDays, dayOf, instantOf, type IsoDate, type Zone } from '../time/zone';

const events = new WeakMap<RepeatingTask, CalendarEvent>();

/** A repeating task as an event that has the same times, for the computation of recurrence and for export. */
export function asEvent(repeating: RepeatingTask): CalendarEvent {
  const { id, title, start, minutes, rule, without, changedAt } = repeating;
  const length = inTray(repeating) ? { days: 1, seconds: 0 } : { days: 0, seconds: minutes * 60 };
  const known = events.get(repeating) ?? {
    ...plainEvent,
    id,
    calendarId: '',
    uid: id,
    title,
    start,
    length,
    rule,
    without,
    ...(changedAt === undefined ? {} : { changedAt }),
  };
  events.set(repeating, known);
  return known;
}

/** Whether its times have a day but no hour. */
export const inTray = ({ start }: RepeatingTask): boolean => start.wall.length === 10;

/** One time of a repeating task: the task, and its block or its place in a tray. */
type Time = { readonly task: Task; readonly block?: Block; readonly item?: TrayItem };

/** The time that the rule puts at a wall start, as long as nothing has happened to it. All its records bear one id. */
export function timeAt(repeating: RepeatingTask, recurrence: string): Time {
  const {
    title,
    notes,
    listId,
    estimate,
    priority,
    rank,
    minutes,
    due,
    start: first,
    group,
    category,
  } = repeating;
  const id = `${repeating.id}@${recurrence}`;
  const date = recurrence.slice(0, 10);
  const start = instantOf(recurrence, first.zone ?? 'UTC');
  const task: Task = {
    id,
    title,
    notes,
    listId,
    estimate,
    priority,
    ...(category === undefined ? {} : { category }),
    rank,
    due: due && { date: addDays(date, due.days), time: due.time },
    doneAt: null,
    createdAt: start,
    repeats: { id: repeating.id, recurrence },
  };
  return inTray(repeating)
    ? { task, item: { id, taskId: id, date } }
    : { task, block: { id, taskId: id, start, minutes, ...(group ? { holds: [] } : {}) } };
}

/** The time that an id names, if nothing has happened to it yet. */
export function untouchedTime(repeats: Workspace['repeats'], id: string): Time | undefined {
  const at = id.lastIndexOf('@');
  const repeating = at > 0 ? repeats.get(id.slice(0, at)) : undefined;
  const recurrence = id.slice(at + 1);
  return repeating && !repeating.without.includes(recurrence) ? timeAt(repeating, recurrence) : undefined;
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
    const range = { from, to: dayOf(addDays(today, days), zone).to };
    const next = knownOccurrences(asEvent(repeating), range, zone).find((one) => one.from >= from);
    if (next) return timeAt(repeating, next.recurrence);
  }
  return undefined;
}

type Parts = {
  readonly tasks: Part<Task>;
  readonly blocks: Part<Block>;
  readonly tray: Part<TrayItem>;
};

function partsOf(times: readonly Time[]): Parts {
  const byId = <R extends { id: string }>(records: R[]) => new Map(records.map((one) => [one.id, one]));
  return {
    tasks: byId(times.map(({ task }) => task)),
    blocks: byId(times.flatMap(({ block }) => block ?? [])),
    tray: byId(times.flatMap(({ item }) => item ?? [])),
  };
}

const known = new WeakMap<Collection<RepeatingTask>, Map<string, Parts>>();

function partsIn(repeats: Collection<RepeatingTask>, months: readonly string[], today: IsoDate, zone: Zone) {
  const ofRepeats = known.get(repeats) ?? new Map<string, Parts>();
  known.set(repeats, ofRepeats);
  const key = [today, zone, ...months].join();
  const found = ofRepeats.get(key) ?? partsOf(timesIn(repeats, months, today, zone));
  ofRepeats.set(key, found);
  return found;
}

function timesIn(repeats: Collection<RepeatingTask>, months: readonly string[], today: IsoDate, zone: Zone) {
  return repeats.values().flatMap((repeating) => {
    const inMonths = months.flatMap((month) => {
      const first = `${month}-01`;
      const after = Temporal.PlainDate.from(first).add({ months: 1 }).toString();
      const range = { from: dayOf(first, zone).from, to: dayOf(after, zone).from };
      return knownOccurrences(asEvent(repeating), range, zone)
        .filter(({ from }) => from >= range.from)
        .map(({ recurrence }) => timeAt(repeating, recurrence));
    });
    return [...inMonths, ...[nextTime(repeating, today, zone) ?? []].flat()];
  });
}

/**
 * The workspace with the times of its repeating tasks in some months (`2026-11`) beside what is stored, and the next
 * time of each whenever it is. Only for looking at: commands work on what is stored.
 */
export function withTimes(
  workspace: Workspace,
  months: readonly string[],
  today: IsoDate,
  zone: Zone,
): Workspace {
  const { repeats, tasks, blocks, tray } = workspace;
  if (repeats.size === 0) return workspace;
  const parts = partsIn(repeats, months, today, zone);
  return {
    ...workspace,
    tasks: besides(tasks, parts.tasks),
    blocks: besides(blocks, parts.blocks),
    tray: besides(tray, parts.tray),
  };
}

const joined = new WeakMap<object, { part: object; both: unknown }>();

/** A collection with a part beside it; the same one again for the same two. */
function besides<R extends { id: string }>(collection: Collection<R>, part: Part<R>): Collection<R> {
  const last = joined.get(collection);
  if (last?.part === part) return last.both as Collection<R>; // put there below, for this collection
  const both = part.size === 0 ? collection : collection.beside(new Map([['times to come', part]]));
  joined.set(collection, { part, both });
  return both;
}

const openTasks = derivedByPart<Task, Task[]>((tasks) => [...tasks].filter(({ doneAt }) => doneAt === null));

/** Open tasks as a person counts them: of what repeats, and is not touched yet, only the next time from today on. */
export function openOnes({ tasks, repeats }: Workspace, today: IsoDate, zone: Zone): Task[] {
  const next = new Set(repeats.values().map((one) => nextTime(one, today, zone)?.task.id));
  return openTasks(tasks)
    .flat()
    .filter((task) => next.has(task.id) || !isUntouched(task, repeats));
}
