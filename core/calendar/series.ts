import type { CalendarEvent, EventDetails, Exception } from '../model/event';
import { detailsAt, governingAt } from './occurrences';
import { movedBy, movedWall, timesBefore, timesFrom } from './recurring';
import { asUtc } from './rule';

/** What can be changed of an event; the hours are those of one of its occurrences. */
export type EventChanges = Partial<Omit<EventDetails, 'kept' | 'cancelled' | 'attendees'>>;

/** The event with one of its occurrences changed. */
export function withException(
  event: CalendarEvent,
  recurrence: string,
  changes: EventChanges,
): CalendarEvent {
  const { title, location, notes, categories, color, calls, attendees, reminders, unreminded, ...rest } =
    detailsAt(event, recurrence);
  const { start, length, busy, cancelled, kept } = rest;
  const words = { title, location, notes, categories, color, calls, attendees, reminders, unreminded };
  const own = event.exceptions.find((other) => other.recurrence === recurrence);
  const exception: Exception = {
    recurrence,
    andLater: own?.andLater ?? false,
    ...words,
    start,
    length,
    busy,
    cancelled,
    kept,
    ...changes,
  };
  return { ...event, exceptions: [...event.exceptions.filter((other) => other !== own), exception] };
}

/** Where an occurrence stands in its series after a change of `recurrence` that moves all of them along. */
export const shifted = (
  event: CalendarEvent,
  recurrence: string,
  { start }: EventChanges,
  wall: string,
): string =>
  start
    ? movedWall(wall, asUtc(start.wall) - asUtc(detailsAt(event, recurrence).start.wall), start.wall)
    : wall;

/** The whole series changed as one of its occurrences is: its hours move by as much, occurrences changed before move along. */
export function allChanged(event: CalendarEvent, recurrence: string, changes: EventChanges): CalendarEvent {
  const { start, ...others } = changes;
  if (!start)
    return {
      ...event,
      ...others,
      exceptions: event.exceptions.map((exception) => ({ ...exception, ...others })),
    };
  const by = asUtc(start.wall) - asUtc(detailsAt(event, recurrence).start.wall);
  return {
    ...movedBy(event, by, start),
    ...others,
    exceptions: event.exceptions.map((exception) => ({
      ...exception,
      ...others,
      recurrence: movedWall(exception.recurrence, by, start.wall),
      start: { ...exception.start, wall: movedWall(exception.start.wall, by, exception.start.wall) },
    })),
  };
}

/** The series up to an occurrence, without it. */
export const headOf = (event: CalendarEvent, recurrence: string): CalendarEvent => ({
  ...timesBefore(event, recurrence),
  exceptions: event.exceptions.filter((exception) => exception.recurrence < recurrence),
});

/** The series from an occurrence on, as an event of its own that gives the same times. */
export function tailOf(event: CalendarEvent, recurrence: string): CalendarEvent {
  const governing = governingAt(event, recurrence);
  const tail: CalendarEvent = {
    ...timesFrom(event, recurrence),
    exceptions: event.exceptions.filter((exception) => exception.recurrence >= recurrence),
  };
  if (!governing) return tail;
  const { recurrence: _, andLater: __, start: ___, ...words } = governing;
  const regular = {
    ...event,
    exceptions: event.exceptions.filter((exception) => exception.recurrence !== recurrence),
  };
  return { ...tail, ...words, ...shiftedTail(regular, tail, recurrence) };
}

/** The times of a tail whose series had been moved by a change of this and later before. */
function shiftedTail(event: CalendarEvent, tail: CalendarEvent, recurrence: string) {
  const { start, length } = detailsAt(event, recurrence);
  const {
    rule,
    without: left,
    also,
    exceptions,
  } = allChanged(tail, recurrence, {
    start: {
      wall: movedWall(recurrence, asUtc(start.wall) - asUtc(recurrence), start.wall),
      zone: start.zone,
    },
  });
  // exceptions keep the hours that they were given
  const own = tail.exceptions.map((exception, i) => ({
    ...exception,
    recurrence: exceptions[i]?.recurrence ?? exception.recurrence,
  }));
  return { start, length, rule, without: left, also, exceptions: own };
}
