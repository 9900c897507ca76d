import { Temporal } from 'temporal-polyfill';
import type { CalendarEvent, EventDetails, EventLength, Exception } from '../model/event';
import { derivedByPart, type Collection } from '../model/collection';
import { rememberedPer } from '../model/remember';
import { overlaps, type Span } from '../time/span';
import { dayOf, instantOf, isWall, wallOf, type IsoDate, type Zone } from '../time/zone';
import { nearby } from '../model/nearby';
import { wallStarts, WINDOW } from './recurring';
import { asUtc, asWall, LIMITS, type Limits } from './rule';

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
  /** When it was to end, where it was over before (epoch ms). */
  readonly plannedTo?: number;
};

/** The id of the event that an occurrence, told by its id, is one of. */
export const eventIdOf = (occurrence: string): string => occurrence.slice(0, occurrence.lastIndexOf('@'));

/** The wall start that the rule gives to an occurrence, told by its id. */
export const recurrenceOf = (occurrence: string): string => occurrence.slice(occurrence.lastIndexOf('@') + 1);

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

/** How long at most, whatever the clocks do meanwhile. */
const msOf = ({ days, seconds }: EventLength) => (days > 0 ? (days + 1) * DAY : 0) + seconds * 1000;

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

/** What holds for an occurrence that is told by its id; undefined where its event is gone. */
export function detailsOfOccurrence(
  events: Collection<CalendarEvent>,
  occurrence: string,
): EventDetails | undefined {
  const event = events.get(eventIdOf(occurrence));
  const recurrence = recurrenceOf(occurrence);
  // an id comes from a file, too, and may name no time
  return event && isWall(recurrence) ? detailsAt(event, recurrence) : event;
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
export function occurrencesOf(
  event: CalendarEvent,
  range: Span,
  zone: Zone,
  limits: Limits = LIMITS,
): Occurrence[] {
  if (event.cancelled) return [];
  const { own, without, changed } = singlesOf(event);
  const near = changed.filter((span) => overlaps(span, range)).map(({ recurrence }) => recurrence);
  const starts = startsNear(event, range, zone, limits);
  const found = [...new Set([...starts, ...near])]
    .filter((recurrence) => !without.has(recurrence) || own.has(recurrence))
    .flatMap((recurrence) => {
      const details = detailsAt(event, recurrence);
      return details.cancelled ? [] : [occurrence(event, details, recurrence, zone)];
    })
    .filter(isIn(range))
    .sort((a, b) => a.from - b.from);
  return starts.length < limits.starts ? found : withRest(found, range);
}

/** The last of them stands for all the rest of a range, of which there are more than are told one by one. */
function withRest(found: readonly Occurrence[], { to }: Span): Occurrence[] {
  const last = found.at(-1);
  if (!last || last.to >= to) return [...found];
  return [...found.slice(0, -1), { ...last, title: `${last.title}, and many more`, to }];
}

/**
 * Wall starts that may touch the range, whatever the zones: the longest length, the furthest zone, and the furthest
 * that later occurrences are moved, more on either side. Of a rule that may give very many, which are cut at a number,
 * no more is looked at before the range than can touch it.
 */
function startsNear(event: CalendarEvent, range: Span, zone: Zone, limits: Limits): string[] {
  const { wall, zone: own } = event.start;
  const { longest, furthest } = singlesOf(event);
  const around = FURTHEST + furthest;
  const first =
    isDense(event) && furthest === 0 && wall.length > 10
      ? earliestWall(range.from - longest, own ?? zone)
      : asWall(range.from - longest - around, wall);
  const to = asWall(range.to + around + (wall.length === 10 ? DAY : 0), wall);
  return wallStarts(event, first, to, zone, limits);
}

/** The earliest wall time of which the instant in a zone may be this one or later: one that a clock change leaves out comes to lie after it. */
function earliestWall(instant: number, zone: Zone): string {
  const [before, wall] = [wallOf(instant - LARGEST_CHANGE, zone), wallOf(instant, zone)];
  return asUtc(wall) - asUtc(before) > LARGEST_CHANGE ? before : wall;
}
const LARGEST_CHANGE = 3 * HOUR;

/** Rules that may give very many starts are computed for a day at a time, as each look is cut at a number of them. */
const DENSE = /SECONDLY|MINUTELY|BYHOUR|BYMINUTE|BYSECOND/i;
const isDense = rememberedPer(({ rule }: CalendarEvent) => rule !== null && DENSE.test(rule));

/** Of very many events that each may give very many occurrences a day, each gives fewer: so many of all of them, but some of each. */
const OF_ALL: Limits = { starts: 20_000, periods: 500_000 };
const OF_EACH: Limits = { starts: 10, periods: 1000 };

const isHeavy = rememberedPer(
  (event: CalendarEvent) => event.rule !== null && (isDense(event) || singlesOf(event).longest > WINDOW),
);

/** How far each of several heavy events is followed at a look. */
const shareOf = (heavy: number): Limits => ({
  starts: Math.min(LIMITS.starts, Math.max(OF_EACH.starts, Math.floor(OF_ALL.starts / heavy))),
  periods: Math.min(LIMITS.periods, Math.max(OF_EACH.periods, Math.floor(OF_ALL.periods / heavy))),
});

const windowsOf = rememberedPer((_: CalendarEvent) => new Map<string, Occurrence[]>());

/** The occurrences of one event that touch a stretch of time; what was computed once is kept. */
export function knownOccurrences(
  event: CalendarEvent,
  range: Span,
  zone: Zone,
  limits: Limits = LIMITS,
): Occurrence[] {
  const length = isDense(event) ? DAY : WINDOW;
  const known = windowsOf(event);
  const windows: Occurrence[][] = [];
  for (let from = Math.floor(range.from / length) * length; from < range.to; from += length) {
    const key = `${from} ${zone} ${limits.starts}`;
    const window = known.get(key) ?? occurrencesOf(event, { from, to: from + length }, zone, limits);
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
const heavyIn = derivedByPart<CalendarEvent, number>((events) => [...events].filter(isHeavy).length);
const heavyOf = (events: Collection<CalendarEvent>) => heavyIn(events).reduce((sum, count) => sum + count, 0);
const single = nearby<CalendarEvent>((event) => (happensOnce(event) ? roughly(event) : null));

/** All occurrences that touch a stretch of time, by start. */
export function occurrencesIn(events: Collection<CalendarEvent>, range: Span, zone: Zone): Occurrence[] {
  const near = [...repeating(events).flat(), ...single.in(events, range)];
  const share = shareOf(heavyOf(events));
  const found = near.flatMap((event) =>
    knownOccurrences(event, range, zone, isHeavy(event) ? share : LIMITS),
  );
  return [...new Map(found.map((occurrence) => [occurrence.id, occurrence])).values()].sort(
    (a, b) => a.from - b.from || a.to - b.to,
  );
}

/** All occurrences of a day, by start. */
export const occurrencesOn = (events: Collection<CalendarEvent>, date: IsoDate, zone: Zone): Occurrence[] =>
  occurrencesIn(events, dayOf(date, zone), zone);
