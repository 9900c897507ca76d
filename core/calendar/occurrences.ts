import { Temporal } from 'temporal-polyfill';
import type { CalendarEvent, Exception } from '../model/event';
import type { Collection } from '../model/workspace';
import { overlaps, type Span } from '../time/span';
import { dayOf, instantOf, type IsoDate, type Zone } from '../time/zone';
import { ruleStarts } from './rule';

/** One occurrence of an event. All-day ones run from midnight to midnight where the person is. */
export type Occurrence = Span & {
  readonly id: string;
  readonly eventId: string;
  readonly calendarId: string;
  readonly title: string;
  readonly location: string;
  readonly allDay: boolean;
  readonly busy: boolean;
};

const daysLater = (wall: string, days: number) => Temporal.PlainDateTime.from(wall).add({ days }).toString();

type Details = Omit<Exception, 'recurrence'>;

function occurrence(event: CalendarEvent, details: Details, recurrence: string, zone: Zone): Occurrence {
  const { wall, zone: own } = details.start;
  const allDay = wall.length === 10;
  const from = instantOf(wall, own ?? zone);
  return {
    id: `${event.id}@${recurrence}`,
    eventId: event.id,
    calendarId: event.calendarId,
    title: details.title,
    location: details.location,
    allDay,
    busy: details.busy,
    from,
    to:
      (details.length.days ? instantOf(daysLater(wall, details.length.days), own ?? zone) : from) +
      details.length.seconds * 1000,
  };
}

/** Touches the range; an event that takes no time counts where it stands. */
const isIn = (range: Span) => (one: Span) =>
  overlaps(one, range) || (one.from === one.to && one.from >= range.from && one.from < range.to);

/**
 * The occurrences of one event that touch `range`, in order; cancelled ones left out. `zone` is the person's.
 * A rule that cannot be computed gives its first occurrence only.
 */
export function occurrencesOf(event: CalendarEvent, range: Span, zone: Zone): Occurrence[] {
  if (event.cancelled) return [];
  const changed = new Set(event.exceptions.map(({ recurrence }) => recurrence));
  const left = new Set([...event.without, ...changed]);
  const regular = startsNear(event, range, zone)
    .filter((wall) => !left.has(wall))
    .map((wall) => occurrence(event, { ...event, start: { wall, zone: event.start.zone } }, wall, zone));
  const moved = event.exceptions
    .filter(({ cancelled }) => !cancelled)
    .map((exception) => occurrence(event, exception, exception.recurrence, zone));
  return [...regular, ...moved].filter(isIn(range)).sort((a, b) => a.from - b.from);
}

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** No zone's clock is further from UTC than this (14 h). */
const FURTHEST = 15 * HOUR;

/** Wall starts that may touch the range, whatever the zones: the event's length and the furthest zone more on either side. */
function startsNear(event: CalendarEvent, range: Span, zone: Zone): string[] {
  const { wall } = event.start;
  const asWall = (instant: number) => new Date(instant).toISOString().slice(0, wall.length);
  const longest = (event.length.days + 1) * DAY + event.length.seconds * 1000;
  const [from, to] = [
    asWall(range.from - longest - FURTHEST),
    asWall(range.to + FURTHEST + (wall.length === 10 ? DAY : 0)),
  ];
  const given = [wall, ...event.also].filter((start) => start >= from && start < to);
  if (!event.rule || wall >= to) return given;
  try {
    return [...new Set([...given, ...ruleStarts(event.rule, wall, event.start.zone ?? zone, from, to)])];
  } catch {
    return given;
  }
}

const byDay = new WeakMap<Collection<CalendarEvent>, Map<string, Occurrence[]>>();

/** All occurrences of a day, by start. Computed once for each day that is looked at, until the events change. */
export function occurrencesOn(events: Collection<CalendarEvent>, date: IsoDate, zone: Zone): Occurrence[] {
  const known = byDay.get(events) ?? new Map<string, Occurrence[]>();
  byDay.set(events, known);
  const key = `${date} ${zone}`;
  const computed = known.get(key);
  if (computed) return computed;
  const day = dayOf(date, zone);
  const found = Object.values(events)
    .flatMap((event) => occurrencesOf(event, day, zone))
    .sort((a, b) => a.from - b.from || a.to - b.to);
  known.set(key, found);
  return found;
}
