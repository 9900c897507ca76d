import type { CalendarEvent, EventDetails, Exception, WallStart } from '../model/event';
import { instantOf, wallOf } from '../time/zone';
import { detailsAt, governingAt } from './occurrences';
import { movedRule, partsOf, ruleText } from './repeat';
import { asUtc, asWall, ruleStarts } from './rule';

/** What can be changed of an event; the hours are those of one of its occurrences. */
export type EventChanges = Partial<Omit<EventDetails, 'kept' | 'cancelled' | 'attendees'>>;

/** The event with one of its occurrences changed. */
export function withException(
  event: CalendarEvent,
  recurrence: string,
  changes: EventChanges,
): CalendarEvent {
  const { title, location, notes, categories, color, calls, attendees, reminders, ...rest } = detailsAt(
    event,
    recurrence,
  );
  const { start, length, busy, cancelled, kept } = rest;
  const words = { title, location, notes, categories, color, calls, attendees, reminders };
  const own = event.exceptions.find((one) => one.recurrence === recurrence);
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
  return { ...event, exceptions: [...event.exceptions.filter((one) => one !== own), exception] };
}

const moved = (wall: string, by: number, like: string) => asWall(asUtc(wall) + by, like);

/** Where an occurrence stands in its series after a change of `recurrence` that moves all of them along. */
export const shifted = (
  event: CalendarEvent,
  recurrence: string,
  { start }: EventChanges,
  wall: string,
): string =>
  start ? moved(wall, asUtc(start.wall) - asUtc(detailsAt(event, recurrence).start.wall), start.wall) : wall;

/** The whole series changed as one of its occurrences is: its hours move by as much, occurrences changed before move along. */
export function allChanged(event: CalendarEvent, recurrence: string, changes: EventChanges): CalendarEvent {
  const { start, ...others } = changes;
  if (!start)
    return { ...event, ...others, exceptions: event.exceptions.map((one) => ({ ...one, ...others })) };
  const was = detailsAt(event, recurrence).start.wall;
  const by = asUtc(start.wall) - asUtc(was);
  const shift = (wall: string) => moved(wall, by, start.wall);
  const wall = shift(event.start.wall);
  return {
    ...event,
    ...others,
    start: { wall, zone: start.zone },
    rule:
      event.rule &&
      endMoved(movedRule(event.rule, event.start.wall.slice(0, 10), wall.slice(0, 10)), by, start),
    without: event.without.map(shift),
    also: event.also.map((one) => ({ ...one, wall: shift(one.wall) })),
    exceptions: event.exceptions.map((one) => ({
      ...one,
      ...others,
      recurrence: shift(one.recurrence),
      start: { ...one.start, wall: moved(one.start.wall, by, one.start.wall) },
    })),
  };
}

/** The rule with its end moved by as much as the wall time of the series is. */
function endMoved(rule: string, by: number, { wall, zone }: WallStart): string {
  const parts = partsOf(rule);
  const [, year, month, day, time, utc] =
    /^(\d{4})(\d\d)(\d\d)(?:T(\d{6})(Z?))?$/.exec(parts.get('UNTIL') ?? '') ?? [];
  if (!year) return rule;
  const [h, m, s] = time ? [time.slice(0, 2), time.slice(2, 4), time.slice(4)] : ['23', '59', '59'];
  const told = `${year}-${month}-${day}T${h}:${m}:${s}`;
  const here = utc && zone ? wallOf(instantOf(told, 'UTC'), zone) : told;
  const until = moved(here, by, here);
  if (wall.length === 10) parts.set('UNTIL', compact(until.slice(0, 10)));
  else if (zone === null) parts.set('UNTIL', compact(until));
  else parts.set('UNTIL', `${compact(wallOf(instantOf(until, zone), 'UTC'))}Z`);
  return ruleText(parts);
}

const compact = (wall: string) => wall.replace(/[-:]/g, '');

/** UNTIL just before a start of the rule: a date for whole days, else in UTC, or floating (RFC 5545 3.3.10). */
function untilBefore({ start }: CalendarEvent, recurrence: string): string {
  if (recurrence.length === 10) return compact(moved(recurrence, -86_400_000, recurrence));
  if (start.zone === null) return compact(moved(recurrence, -1000, recurrence));
  const instant = instantOf(recurrence, start.zone) - 1000;
  return `${compact(new Date(instant).toISOString().slice(0, 19))}Z`;
}

/** The series up to an occurrence, without it. */
export function headOf(event: CalendarEvent, recurrence: string): CalendarEvent {
  const parts = partsOf(event.rule ?? '');
  parts.delete('COUNT');
  parts.set('UNTIL', untilBefore(event, recurrence));
  return {
    ...event,
    rule: event.rule && ruleText(parts),
    without: event.without.filter((wall) => wall < recurrence),
    also: event.also.filter(({ wall }) => wall < recurrence),
    exceptions: event.exceptions.filter((one) => one.recurrence < recurrence),
  };
}

/** The series from an occurrence on, as an event of its own that gives the same times. */
export function tailOf(event: CalendarEvent, recurrence: string): CalendarEvent {
  const parts = partsOf(event.rule ?? '');
  const { wall, zone } = event.start;
  if (event.rule && parts.has('COUNT')) {
    const gone = ruleStarts(event.rule, wall, zone ?? 'UTC', wall, recurrence).length;
    parts.set('COUNT', String(Number(parts.get('COUNT')) - gone));
  }
  const governing = governingAt(event, recurrence);
  const tail: CalendarEvent = {
    ...event,
    start: { wall: recurrence, zone },
    rule: event.rule && ruleText(parts),
    without: event.without.filter((one) => one >= recurrence),
    also: event.also.filter((one) => one.wall > recurrence),
    exceptions: event.exceptions.filter((one) => one.recurrence >= recurrence),
  };
  if (!governing) return tail;
  const { recurrence: _, andLater: __, start: ___, ...said } = governing;
  const regular = { ...event, exceptions: event.exceptions.filter((one) => one.recurrence !== recurrence) };
  return {
    ...tail,
    ...said,
    ...shiftedTail(regular, tail, recurrence),
  };
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
    start: { wall: moved(recurrence, asUtc(start.wall) - asUtc(recurrence), start.wall), zone: start.zone },
  });
  // exceptions keep the hours that they were given
  const own = tail.exceptions.map((one, i) => ({
    ...one,
    recurrence: exceptions[i]?.recurrence ?? one.recurrence,
  }));
  return { start, length, rule, without: left, also, exceptions: own };
}
