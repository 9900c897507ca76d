import { Temporal } from 'temporal-polyfill';
import type { CalendarEvent, EventDetails, EventLength, Exception } from '../model/event';
import { derivedByPart, type Collection } from '../model/collection';
import { rememberedPer } from '../model/remember';
import { overlaps, type Span } from '../time/span';
import { dayOf, instantOf, wallOf, type IsoDate, type Zone } from '../time/zone';
import { nearby } from '../model/nearby';
import { wallStarts, WINDOW } from './recurring';
import { asUtc, asWall } from './rule';

/** One occurrence of an event. All-day ones run from midnight to midnight where the person is. */
export type Occurrence = Span & {
  readonly id: string;
  readonly eventId: string;
  /** The wall start that its rule gives it, which tells it from the event's other occurrences. */
  readonly recurrence: string;
  readonly calendarId: string;
  readonly title: string;
  readonly location: string;
  readonly categories: readonly string[];
  readonly allDay: boolean;
  readonly busy: boolean;
};

const daysLater = (wall: string, days: number) => Temporal.PlainDateTime.from(wall).add({ days }).toString();

function occurrence(event: CalendarEvent, details: EventDetails, recurrence: string, zone: Zone): Occurrence {
  const { wall, zone: own } = details.start;
  const allDay = wall.length === 10;
  const from = instantOf(wall, own ?? zone);
  return {
    id: `${event.id}@${recurrence}`,
    eventId: event.id,
    recurrence,
    calendarId: event.calendarId,
    title: details.title,
    location: details.location,
    categories: details.categories,
    allDay,
    busy: details.busy,
    from,
    to:
      (details.length.days ? instantOf(daysLater(wall, details.length.days), own ?? zone) : from) +
      details.length.seconds * 1000,
  };
}

/** How far an exception moves its occurrence, in milliseconds of wall time in the zone of the event. */
function shiftOf(event: CalendarEvent, { recurrence, start }: Exception): number {
  const home = event.start.zone;
  const elsewhere = start.zone && home && start.zone !== home && start.wall.length > 10;
  const wall = elsewhere ? wallOf(instantOf(start.wall, start.zone ?? home), home) : start.wall;
  return asUtc(wall) - asUtc(recurrence);
}

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** No zone's clock is further from UTC than this (14 h). */
const FURTHEST = 15 * HOUR;

const msOf = ({ days, seconds }: EventLength) => (days + 1) * DAY + seconds * 1000;

/** Where something that happens once lies, whatever its zone. */
function roughly({ start, length }: Pick<EventDetails, 'start' | 'length'>): Span {
  const from = asUtc(start.wall);
  return { from: from - FURTHEST, to: from + msOf(length) + FURTHEST };
}

/** What an event says of single times of it, for look-ups; there can be thousands of each. */
const singlesOf = rememberedPer((event: CalendarEvent) => {
  const later = event.exceptions.filter(({ andLater }) => andLater);
  const lengths = [event, ...later, ...event.also].map(({ length }) => (length ? msOf(length) : 0));
  const shifts = later.map((exception) => Math.abs(shiftOf(event, exception)));
  return {
    own: new Map(event.exceptions.map((exception) => [exception.recurrence, exception])),
    /** Those that hold for all later ones, the last first. */
    later: later.sort((a, b) => (a.recurrence < b.recurrence ? 1 : -1)),
    lengths: new Map(event.also.map(({ wall, length }) => [wall, length])),
    without: new Set(event.without),
    changed: event.exceptions.map((exception) => ({
      ...roughly(exception),
      recurrence: exception.recurrence,
    })),
    longest: lengths.reduce((most, length) => Math.max(most, length), 0),
    furthest: shifts.reduce((most, shift) => Math.max(most, shift), 0),
  };
});

/** The last exception before an occurrence that holds for all later ones. */
export const governingAt = (event: CalendarEvent, recurrence: string): Exception | undefined =>
  singlesOf(event).later.find(({ recurrence: from }) => from < recurrence);

/**
 * What holds for the occurrence that the rule puts at `recurrence`: its own exception, else the last one before it
 * that holds for all later ones, moved along with it, else the event itself.
 */
export function detailsAt(event: CalendarEvent, recurrence: string): EventDetails {
  const { own, lengths } = singlesOf(event);
  const exception = own.get(recurrence);
  if (exception) return exception;
  const governing = governingAt(event, recurrence);
  if (!governing) {
    const length = lengths.get(recurrence) ?? event.length;
    return { ...event, length, start: { wall: recurrence, zone: event.start.zone } };
  }
  const wall = asWall(asUtc(recurrence) + shiftOf(event, governing), governing.start.wall);
  return { ...governing, start: { wall, zone: event.start.zone ?? governing.start.zone } };
}

/** The occurrence that the rule puts at `recurrence`, as it stands now; `zone` is the person's. */
export const occurrenceAt = (event: CalendarEvent, recurrence: string, zone: Zone): Occurrence =>
  occurrence(event, detailsAt(event, recurrence), recurrence, zone);

/** Touches the range; an event that takes no time counts where it stands. */
const isIn = (range: Span) => (occurrence: Span) =>
  overlaps(occurrence, range) ||
  (occurrence.from === occurrence.to && occurrence.from >= range.from && occurrence.from < range.to);

/**
 * The occurrences of one event that touch `range`, in order; cancelled ones left out. `zone` is the person's.
 * A rule that cannot be computed gives its first occurrence only.
 */
export function occurrencesOf(event: CalendarEvent, range: Span, zone: Zone): Occurrence[] {
  if (event.cancelled) return [];
  const { own, without, changed } = singlesOf(event);
  const near = changed.filter((span) => overlaps(span, range)).map(({ recurrence }) => recurrence);
  return [...new Set([...startsNear(event, range, zone), ...near])]
    .filter((recurrence) => !without.has(recurrence) || own.has(recurrence))
    .flatMap((recurrence) => {
      const details = detailsAt(event, recurrence);
      return details.cancelled ? [] : [occurrence(event, details, recurrence, zone)];
    })
    .filter(isIn(range))
    .sort((a, b) => a.from - b.from);
}

/**
 * Wall starts that may touch the range, whatever the zones: the longest length, the furthest zone, and the furthest
 * that later occurrences are moved, more on either side.
 */
function startsNear(event: CalendarEvent, range: Span, zone: Zone): string[] {
  const { wall } = event.start;
  const { longest, furthest } = singlesOf(event);
  const around = FURTHEST + furthest;
  const [from, to] = [
    asWall(range.from - longest - around, wall),
    asWall(range.to + around + (wall.length === 10 ? DAY : 0), wall),
  ];
  return wallStarts(event, from, to, zone);
}

/** Rules that may give very many starts are computed for a day at a time, as each look is cut at a number of them. */
const DENSE = /SECONDLY|MINUTELY|BYHOUR|BYMINUTE|BYSECOND/i;

const windowsOf = rememberedPer((_: CalendarEvent) => new Map<string, Occurrence[]>());

/** The occurrences of one event that touch a stretch of time; what was computed once is kept. */
export function knownOccurrences(event: CalendarEvent, range: Span, zone: Zone): Occurrence[] {
  const length = event.rule && DENSE.test(event.rule) ? DAY : WINDOW;
  const known = windowsOf(event);
  const windows: Occurrence[][] = [];
  for (let from = Math.floor(range.from / length) * length; from < range.to; from += length) {
    const key = `${from} ${zone}`;
    const window = known.get(key) ?? occurrencesOf(event, { from, to: from + length }, zone);
    known.set(key, window);
    windows.push(window);
  }
  return windows.flat().filter(isIn(range));
}

const happensOnce = ({ rule, also, exceptions }: CalendarEvent) =>
  !rule && also.length + exceptions.length === 0;
const repeating = derivedByPart<CalendarEvent, CalendarEvent[]>((events) =>
  [...events].filter((event) => !happensOnce(event)),
);
const single = nearby<CalendarEvent>((event) => (happensOnce(event) ? roughly(event) : null));

/** All occurrences that touch a stretch of time, by start. */
export function occurrencesIn(events: Collection<CalendarEvent>, range: Span, zone: Zone): Occurrence[] {
  const near = [...repeating(events).flat(), ...single.in(events, range)];
  const found = near.flatMap((event) => knownOccurrences(event, range, zone));
  return [...new Map(found.map((occurrence) => [occurrence.id, occurrence])).values()].sort(
    (a, b) => a.from - b.from || a.to - b.to,
  );
}

/** All occurrences of a day, by start. */
export const occurrencesOn = (events: Collection<CalendarEvent>, date: IsoDate, zone: Zone): Occurrence[] =>
  occurrencesIn(events, dayOf(date, zone), zone);
