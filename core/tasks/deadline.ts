import { detailsAt, occurrenceAt, type Occurrence } from '../calendar/occurrences';
import { ruleStarts } from '../calendar/rule';
import type { CalendarEvent } from '../model/event';
import type { Due, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { rememberedPer } from '../model/remember';
import { addDays, instantOf, type Zone } from '../time/zone';

const deadlines = rememberedPer((_: Due) => new Map<Zone, number>());

/** The instant by which a task is due: its hour, or the end of its day. */
export function deadlineOf(due: Due, zone: Zone): number {
  const known = deadlines(due);
  const { date, time } = due;
  const deadline = known.get(zone) ?? instantOf(time ? `${date}T${time}` : addDays(date, 1), zone);
  known.set(zone, deadline);
  return deadline;
}

type Events = Workspace['events'];

/**
 * Where the occurrence stands that a task was tied to. An event that happens once is meant wherever it has moved; of
 * a series that a newer file tells at other hours, the occurrence of the same day.
 */
function standingOf(event: CalendarEvent, recurrence: string): string | undefined {
  if (event.rule === null) return event.also.length === 0 ? event.start.wall : recurrence;
  if (event.exceptions.some((exception) => exception.recurrence === recurrence)) return recurrence;
  const day = recurrence.slice(0, 10);
  const starts = ruleStarts(event.rule, event.start.wall, event.start.zone ?? 'UTC', day, addDays(day, 1));
  return starts.includes(recurrence) ? recurrence : starts[0];
}

/** The meeting that a task must be done before, as it stands now; undefined when there is none, or none any more. */
export function meetingNeeding({ neededBy }: Task, events: Events, zone: Zone): Occurrence | undefined {
  const event = neededBy && events.get(neededBy.eventId);
  const recurrence = event && !event.cancelled && standingOf(event, neededBy.recurrence);
  if (!recurrence || event.without.includes(recurrence)) return undefined;
  return detailsAt(event, recurrence).cancelled ? undefined : occurrenceAt(event, recurrence, zone);
}

/** The instant by which a task must be done: when it is due or when the meeting begins that needs it, the earlier; else Infinity. */
export function lastInstant(task: Task, events: Events, zone: Zone): number {
  const due = task.due ? deadlineOf(task.due, zone) : Infinity;
  return Math.min(due, meetingNeeding(task, events, zone)?.from ?? Infinity);
}

/** Whether an open task is past its due time, or the meeting that needs it has begun. */
export const isOverdue = (task: Task, events: Events, zone: Zone, now: number): boolean =>
  task.doneAt === null && lastInstant(task, events, zone) <= now;

/** How many of these tasks are overdue. */
export const overdueCount = (tasks: readonly Task[], events: Events, zone: Zone, now: number): number =>
  tasks.filter((task) => isOverdue(task, events, zone, now)).length;
