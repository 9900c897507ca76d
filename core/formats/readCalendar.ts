import { Temporal } from 'temporal-polyfill';
import { instantOf, wallOf, type Zone } from '../time/zone';
import type { CalendarEvent, Exception } from '../model/event';
import { components, unfold, type Component, type Problem } from './contentLines';
import { durationValue, readProperty, wallValues, type Property, type WallValue } from './icalProperty';
import { zoneFinder, type ZoneFinder } from './vendorZones';

/** An event as a file tells it, before it belongs to one of the person's calendars. */
export type FileEvent = Omit<CalendarEvent, 'id' | 'calendarId'>;

export type CalendarFile = {
  readonly name: string | null;
  readonly events: FileEvent[];
  readonly problems: Problem[];
};

/** One VEVENT: a whole event, or with `recurrence` one changed occurrence of the event with the same UID. */
type Reading = { event: FileEvent; recurrence: string | null; line: number };

/** The file is not an iCalendar file at all. */
export class NotACalendar extends Error {}

class Unreadable extends Error {
  constructor(
    readonly line: number,
    readonly what: string,
    readonly hint: string,
  ) {
    super(what);
  }
}

/** Lines without which an event would stand at a wrong time: if one is broken, the whole event stays out. */
const ESSENTIAL = /^(DTSTART|DTEND|DURATION|RRULE|RDATE|EXDATE|RECURRENCE-ID|UID)\b/i;

/**
 * Reads an iCalendar file (RFC 5545). An event that cannot be read is reported with its line and left out;
 * everything else comes in. Throws NotACalendar when there is no VCALENDAR in it.
 * `home` is the person's zone, the first guess for zones under a file's own names.
 */
export function readCalendar(text: string, home: Zone): CalendarFile {
  const { roots, problems } = components(unfold(text));
  const calendars = roots.filter(({ name }) => name === 'VCALENDAR');
  if (calendars.length === 0) {
    throw new NotACalendar('This is not a calendar file: it has no line “BEGIN:VCALENDAR”.');
  }
  const readings: Reading[] = [];
  for (const calendar of calendars) {
    const zones = zoneFinder(
      calendar.parts.filter((part) => part.name === 'VTIMEZONE'),
      home,
    );
    for (const part of calendar.parts.filter(({ name }) => name === 'VEVENT')) {
      try {
        readings.push(readEvent(part, zones, problems));
      } catch (error) {
        if (!(error instanceof Unreadable)) throw error;
        problems.push({ where: error.line, what: error.what, hint: error.hint });
      }
    }
  }
  const properties = calendars.flatMap(({ lines }) => lines.map((line) => readProperty(line)));
  const named = properties.find(
    (p): p is Property => 'name' in p && (p.name === 'X-WR-CALNAME' || p.name === 'NAME'),
  );
  return {
    name: named ? String(named.values[0]).trim() || null : null,
    events: joinExceptions(readings, problems),
    problems: problems.sort((a, b) => a.where - b.where),
  };
}

function readEvent(part: Component, findZone: ZoneFinder, problems: Problem[]): Reading {
  const properties: Property[] = [];
  for (const line of part.lines) {
    const property = readProperty(line);
    if ('name' in property) properties.push(property);
    else if (ESSENTIAL.test(line.text))
      throw new Unreadable(property.where, property.what, `${property.hint} The event was left out.`);
    else problems.push({ ...property, hint: `${property.hint} The rest of the event came in.` });
  }
  const all = (name: string) => properties.filter((p) => p.name === name);
  const text = (name: string) => String(all(name)[0]?.values[0] ?? '').trim();
  const walls = (property: Property): WallValue[] => {
    try {
      return wallValues(property).map((value) => inKnownZone(value, property, findZone));
    } catch (error) {
      if (error instanceof Unreadable) throw error;
      throw new Unreadable(
        property.line,
        `${property.name} “${property.raw}” is no day or hour that exists`,
        'The event was left out.',
      );
    }
  };

  const [dtstart] = all('DTSTART');
  const [start] = dtstart ? walls(dtstart) : [];
  if (!dtstart || !start)
    throw new Unreadable(part.line, 'The event has no start (DTSTART)', 'The event was left out.');
  const like = (value: WallValue) => wallInZoneOf(start, value);
  const title = text('SUMMARY') || 'Untitled';
  const uid = text('UID') || `${title}/${start.wall}`;
  const recurrence = all('RECURRENCE-ID')[0];
  return {
    line: part.line,
    recurrence: recurrence ? (walls(recurrence).map(like)[0] ?? null) : null,
    event: {
      uid,
      title,
      location: text('LOCATION'),
      sequence: Number.parseInt(text('SEQUENCE'), 10) || 0,
      start: { wall: start.wall, zone: start.zone },
      length: readLength(start, all('DTEND')[0], all('DURATION')[0], walls),
      busy: text('TRANSP').toUpperCase() !== 'TRANSPARENT',
      cancelled: text('STATUS').toUpperCase() === 'CANCELLED',
      rule: all('RRULE')[0]?.raw ?? null,
      without: all('EXDATE').flatMap((p) => walls(p).map(like)),
      also: all('RDATE').flatMap((p) => walls(p).map(like)),
      exceptions: [],
    },
  };
}

function inKnownZone(value: WallValue, property: Property, findZone: ZoneFinder): WallValue {
  if (value.zone === null || value.zone === 'UTC') return value;
  const zone = findZone(value.zone);
  if (!zone)
    throw new Unreadable(
      property.line,
      `The time zone “${value.zone}” is not known`,
      'The event was left out.',
    );
  return { ...value, zone };
}

/** A wall time of the file said in the zone of the event's start, so that occurrences compare as text. */
function wallInZoneOf(start: WallValue, value: WallValue): string {
  if (start.allDay) return value.wall.slice(0, 10);
  if (value.allDay) return `${value.wall}${start.wall.slice(10)}`;
  if (value.zone === start.zone || value.zone === null || start.zone === null) return value.wall;
  return wallOf(instantOf(value.wall, value.zone), start.zone);
}

function readLength(
  start: WallValue,
  end: Property | undefined,
  duration: Property | undefined,
  walls: (property: Property) => WallValue[],
) {
  const wrong = (property: Property, what: string) =>
    new Unreadable(property.line, what, 'The event was left out.');
  if (duration && !end) {
    try {
      return durationValue(duration);
    } catch {
      throw wrong(duration, `DURATION “${duration.raw}” is no length`);
    }
  }
  const [until] = end ? walls(end) : [];
  // Without an end an all-day event takes its day, any other no time (RFC 5545 3.6.1).
  if (!end || !until) return { days: start.allDay ? 1 : 0, seconds: 0 };
  if (start.allDay) {
    const { days } = Temporal.PlainDate.from(start.wall).until(
      Temporal.PlainDate.from(until.wall.slice(0, 10)),
    );
    if (days < 0) throw wrong(end, 'The end (DTEND) is before the start');
    return { days: Math.max(1, days), seconds: 0 };
  }
  const zone = start.zone ?? 'UTC';
  const seconds = (instantOf(until.wall, until.zone ?? zone) - instantOf(start.wall, zone)) / 1000;
  if (seconds < 0) throw wrong(end, 'The end (DTEND) is before the start');
  return { days: 0, seconds };
}

/** One event per UID: the highest SEQUENCE counts, and changed occurrences go into the event they belong to. */
function joinExceptions(readings: readonly Reading[], problems: Problem[]): FileEvent[] {
  const masters = new Map<string, FileEvent>();
  for (const { event } of readings.filter((reading) => reading.recurrence === null)) {
    const other = masters.get(event.uid);
    if (!other || other.sequence <= event.sequence) masters.set(event.uid, event);
  }
  for (const { event, recurrence, line } of readings) {
    if (recurrence === null) continue;
    const { title, location, start, length, busy, cancelled } = event;
    const exception: Exception = { recurrence, title, location, start, length, busy, cancelled };
    const master = masters.get(event.uid);
    if (master) {
      master.exceptions = [
        ...master.exceptions.filter((other) => other.recurrence !== recurrence),
        exception,
      ];
      // A changed occurrence may raise SEQUENCE without its master; the event counts as changed all the same.
      master.sequence = Math.max(master.sequence, event.sequence);
    } else {
      masters.set(event.uid, event);
      problems.push({
        where: line,
        what: `“${title}” changes an event that is not in the file`,
        hint: 'It came in as a single event.',
      });
    }
  }
  return [...masters.values()];
}
