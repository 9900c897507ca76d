import { Temporal } from 'temporal-polyfill';
import type { CalendarEvent, Exception } from '../model/event';
import type { Collection } from '../model/workspace';
import { overlaps, type Span } from '../time/span';
import { addDays, dateOf, dayOf, instantOf, type IsoDate, type Zone } from '../time/zone';
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

type Details = Omit<Exception, 'recurrence'>;

function occurrence(event: CalendarEvent, details: Details, recurrence: string, zone: Zone): Occurrence {
  const { wall, zone: own } = details.start;
  const allDay = wall.length === 10;
  const from = instantOf(wall, own ?? zone);
  const nominalEnd = Temporal.PlainDateTime.from(wall).add({ days: details.length.days }).toString();
  return {
    id: `${event.id}@${recurrence}`,
    eventId: event.id,
    calendarId: event.calendarId,
    title: details.title,
    location: details.location,
    allDay,
    busy: details.busy,
    from,
    to: (details.length.days ? instantOf(nominalEnd, own ?? zone) : from) + details.length.seconds * 1000,
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

/** Wall starts that may touch the range: a day and the event's length more on either side. */
function startsNear(event: CalendarEvent, range: Span, zone: Zone): string[] {
  const { wall } = event.start;
  const cut = (date: IsoDate) => (wall.length === 10 ? date : `${date}T00:00:00`);
  const days = event.length.days + Math.ceil(event.length.seconds / 86_400) + 2;
  const [from, to] = [cut(addDays(dateOf(range.from, zone), -days)), cut(addDays(dateOf(range.to, zone), 2))];
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
  const found =
    known.get(key) ??
    Object.values(events)
      .flatMap((event) => occurrencesOf(event, dayOf(date, zone), zone))
      .sort((a, b) => a.from - b.from || a.to - b.to);
  known.set(key, found);
  return found;
}
