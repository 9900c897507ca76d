import { Temporal } from 'temporal-polyfill';
import { givesNothing } from '../calendar/recurring';
import { bounds, shortened } from '../model/bounds';
import { issueWords } from '../model/common';
import {
  type Attendee,
  CalendarEvent,
  type EventDetails,
  type EventLength,
  type WallStart,
} from '../model/event';
import { instantOf } from '../time/zone';
import { readAlarms } from './alarms';
import { type Component, type Problem } from './contentLines';
import { wallLike, wallsIn } from './fileZones';
import {
  bounded,
  durationValue,
  lengthOfText,
  sortLines,
  TooLong,
  type Property,
  type WallValue,
} from './icalProperty';
import { boundUid, Unreadable } from './readProblem';
import type { ZoneFinder } from './vendorZones';
import * as z from '../zod';

const FileEventSchema = z.omit(CalendarEvent, { id: true, calendarId: true });

/** An event as a file tells it, before it belongs to one of the person's calendars. */
export type FileEvent = Omit<
  CalendarEvent,
  'id' | 'calendarId' | 'changedAt' | 'madeHere' | 'held' | 'readAs'
>;

/** One VEVENT: a whole event, or with `recurrence` a change of the event with the same UID. */
export type EventReading = {
  readonly event: FileEvent;
  readonly recurrence: string | null;
  readonly andLater: boolean;
  readonly line: number;
};

/** Lines without which an event would stand at a wrong time: if one is broken, the whole event stays out. */
const ESSENTIAL = /^(DTSTART|DTEND|DURATION|RRULE|RDATE|EXDATE|RECURRENCE-ID|UID)\b/i;
const UNDERSTOOD = new Set(
  'UID SEQUENCE DTSTAMP DTSTART DTEND DURATION RRULE RDATE EXDATE RECURRENCE-ID SUMMARY LOCATION DESCRIPTION CATEGORIES COLOR CONFERENCE ATTENDEE TRANSP STATUS EXRULE'.split(
    ' ',
  ),
);
const LEFT_OUT = 'The event was left out.';

/** Reads one VEVENT (RFC 5545 3.6.1). Throws Unreadable when it has to stay out; smaller oddities go into `problems`. */
export function readEvent(part: Component, findZone: ZoneFinder, problems: Problem[]): EventReading {
  const { all, text, kept, broken, cut } = sortLines(part, UNDERSTOOD);
  for (const { line, problem } of broken) {
    if (ESSENTIAL.test(line.text))
      throw new Unreadable(problem.where, problem.what, `${problem.hint} ${LEFT_OUT}`);
    problems.push({ ...problem, hint: `${problem.hint} The rest of the event came in.` });
  }
  problems.push(...cut);
  const walls = (property: Property) => wallsIn(property, findZone);
  const [dtstart] = all('DTSTART');
  const [start] = dtstart ? walls(dtstart) : [];
  if (!dtstart || !start) throw new Unreadable(part.line, 'The event has no start (DTSTART)', LEFT_OUT);
  const like = (value: WallValue) => wallLike(start, value);
  const title = text('SUMMARY') || 'Untitled';
  const [recurrence] = all('RECURRENCE-ID');
  const rule = readRule(all('RRULE'), all('EXRULE'), shortened(title, 60), start, problems);
  const reminders = readAlarms(part);
  const details: EventDetails = {
    title,
    location: text('LOCATION'),
    notes: text('DESCRIPTION'),
    categories: all('CATEGORIES').flatMap(({ values }) => values.map((value) => String(value).trim())),
    color: text('COLOR').toLowerCase() || null,
    calls: all('CONFERENCE').map((call) => ({
      uri: String(call.values[0]),
      label: call.params.label ?? '',
      line: lineOf(part, call),
    })),
    attendees: all('ATTENDEE').map((attendee) => readAttendee(attendee, lineOf(part, attendee))),
    reminders: reminders.known,
    start: { wall: start.wall, zone: start.zone },
    length: readLength(start, all('DTEND')[0], all('DURATION')[0], walls),
    busy: text('TRANSP').toUpperCase() !== 'TRANSPARENT',
    cancelled: text('STATUS').toUpperCase() === 'CANCELLED',
    kept: [...kept, ...all('STATUS').flatMap(otherStatus(part)), ...reminders.kept],
  };
  const event = {
    uid: boundUid(text('UID') || `${shortened(title, bounds.uid / 2)}/${start.wall}`, title, part, LEFT_OUT),
    sequence: Number.parseInt(text('SEQUENCE'), 10) || 0,
    ...details,
    rule,
    without: all('EXDATE').flatMap((property) => walls(property).map(like)),
    also: all('RDATE').flatMap((property) => readAdded(property, walls, like)),
    exceptions: [],
  };
  const odd = FileEventSchema.safeParse(event);
  if (!odd.success)
    throw new Unreadable(part.line, `The event has a wrong value (${issueWords(odd.error)})`, LEFT_OUT);
  problems.push(...tooMany(event, part.line));
  return {
    line: part.line,
    recurrence: recurrence ? (walls(recurrence).map(like)[0] ?? null) : null,
    andLater: recurrence?.params.range?.toUpperCase() === 'THISANDFUTURE',
    event,
  };
}

/** Lists of which no more than so many are taken in, and what they hold. */
const lists = [
  ['attendees', bounds.attendees, 'people'],
  ['reminders', bounds.few, 'reminders'],
  ['calls', bounds.few, 'ways to join'],
  ['categories', bounds.few, 'categories'],
  ['kept', bounds.keptLines, 'lines of other programs'],
  ['without', bounds.times, 'times taken out'],
  ['also', bounds.times, 'added times'],
] as const;

/** What of an event is more than is taken in; importing takes the first ones. */
const tooMany = (event: FileEvent, line: number): Problem[] =>
  lists
    .filter(([name, most]) => event[name].length > most)
    .map(([name, most, what]) => ({
      where: line,
      what: `“${shortened(event.title, 60)}” has ${event[name].length.toLocaleString('en')} ${what}`,
      hint: `The first ${most.toLocaleString('en')} came in.`,
    }));

const lineOf = (part: Component, { line }: Property) =>
  part.lines.find((content) => content.line === line)?.text ?? '';

/** A status that this program has no use for is kept; a cancelled event has a field of its own for it. */
const otherStatus = (part: Component) => (status: Property) =>
  String(status.values[0]).toUpperCase() === 'CANCELLED' ? [] : [lineOf(part, status)];

function readRule(
  rules: Property[],
  against: Property[],
  title: string,
  start: WallStart,
  problems: Problem[],
): string | null {
  for (const odd of [...rules.slice(1), ...against]) {
    problems.push({
      where: odd.line,
      what: `“${title}” has ${odd.name === 'EXRULE' ? 'a rule of exceptions (EXRULE)' : 'a second rule (RRULE)'}`,
      hint: 'Only the first rule is counted; the rest of the event came in.',
    });
  }
  const [rule] = rules;
  if (rule && rule.raw.length > bounds.rule)
    throw new Unreadable(rule.line, `“${title}” has a rule (RRULE) that is too long`, LEFT_OUT);
  if (rule && /FREQ=(SECONDLY|MINUTELY)/i.test(rule.raw)) {
    problems.push({
      where: rule.line,
      what: `“${title}” repeats every minute or more often`,
      hint: 'It came in; at most 2,000 of its times are shown on a day.',
    });
  }
  if (rule && givesNothing(rule.raw, start)) {
    problems.push({
      where: rule.line,
      what: `“${title}” has a rule (RRULE) that gives no time`,
      hint: 'It came in and is shown once, at its start.',
    });
  }
  return rule?.raw ?? null;
}

const answers: Record<string, Attendee['answer']> = { ACCEPTED: 'yes', DECLINED: 'no', TENTATIVE: 'maybe' };

function readAttendee({ params, values }: Property, line: string): Attendee {
  const address = String(values[0]).replace(/^mailto:/i, '');
  const answer = answers[params.partstat?.toUpperCase() ?? ''] ?? 'none';
  return { name: params.cn ?? address, address, answer, line };
}

/** The starts that an RDATE adds; a period brings its own length (RFC 5545 3.8.5.2). */
function readAdded(
  property: Property,
  walls: (property: Property) => WallValue[],
  like: (value: WallValue) => string,
): FileEvent['also'] {
  const starts = walls(property);
  return starts.map((start, i) => {
    const period = property.values[i];
    const [from, to] = (Array.isArray(period) ? period : String(period).split('/')).map(String);
    // an event of whole days has no hours to end at
    if (!from || !to || like(start).length === 10) return { wall: like(start), length: null };
    try {
      if (/^P/i.test(to)) return { wall: like(start), length: lengthOfText(to) };
      const [until] = walls({ ...property, type: 'date-time', values: [to] });
      const seconds = until ? secondsBetween(start, until) : -1;
      if (seconds < 0) throw new RangeError('ends first');
      return { wall: like(start), length: bounded({ days: 0, seconds }) };
    } catch (error) {
      if (error instanceof TooLong) throw tooLong(property);
      throw new Unreadable(property.line, `RDATE “${property.raw.slice(0, 60)}” is no period`, LEFT_OUT);
    }
  });
}

const secondsBetween = (start: WallValue, until: WallValue) => {
  const zone = start.zone ?? 'UTC';
  return (instantOf(until.wall, until.zone ?? zone) - instantOf(start.wall, zone)) / 1000;
};

function readLength(
  start: WallValue,
  end: Property | undefined,
  duration: Property | undefined,
  walls: (property: Property) => WallValue[],
): EventLength {
  if (duration && !end) {
    try {
      return durationValue(duration);
    } catch (error) {
      if (error instanceof TooLong) throw tooLong(duration);
      throw new Unreadable(duration.line, `DURATION “${duration.raw}” is no length`, LEFT_OUT);
    }
  }
  const [until] = end ? walls(end) : [];
  // Without an end an all-day event takes its day, any other no time (RFC 5545 3.6.1).
  if (!end || !until) return { days: start.allDay ? 1 : 0, seconds: 0 };
  const length = start.allDay
    ? { days: daysBetween(start.wall, until.wall), seconds: 0 }
    : { days: 0, seconds: secondsBetween(start, until) };
  if (length.days < 0 || length.seconds < 0)
    throw new Unreadable(end.line, 'The end (DTEND) is before the start', LEFT_OUT);
  if (length.days + length.seconds / 86_400 > bounds.eventDays) throw tooLong(end);
  return start.allDay ? { ...length, days: Math.max(1, length.days) } : length;
}

const tooLong = ({ line }: Property) =>
  new Unreadable(line, 'The event would last more than ten years', LEFT_OUT);

const daysBetween = (from: string, to: string) =>
  Temporal.PlainDate.from(from).until(Temporal.PlainDate.from(to.slice(0, 10))).days;
