import type { Calendar, CalendarEvent, EventDetails } from '../model/event';
import type { Block } from '../model/plan';
import type { Leads } from '../model/reminder';
import type { Priority, Task } from '../model/task';
import type { Zone } from '../time/zone';
import { alarmLines, leadLines } from './alarms';
import { keptParts } from './contentLines';
import { durationText, escaped, folded, minutesText, timesLine, utc } from './writeLine';
import { zoneLines } from './writeZone';

/** A block as it goes out, with its reminders (minutes before). */
export type BlockOut = { readonly block: Block; readonly title: string; readonly leads: Leads };

/** A calendar as it goes out; tasks and blocks of the person's own plan may go with it. */
export type CalendarOut = Pick<Calendar, 'kept'> & {
  /** Null for what is no calendar of its own, but one thing of another. */
  readonly name: string | null;
  /** A CSS colour name (RFC 7986 5.9), or null. */
  readonly color: string | null;
  readonly events: readonly CalendarEvent[];
  readonly tasks: readonly Task[];
  readonly blocks: readonly BlockOut[];
};

type Moment = { readonly zone: Zone; readonly now: number };

/** How many years of clock changes are written, counted from now. */
const YEARS_AHEAD = 30;

/**
 * Calendars as an iCalendar stream (RFC 5545, 7986), one VCALENDAR for each. What came with lines of its own goes out
 * with them. Blocks are events in UTC, tied to their task; due hours are written in `zone`. `now` (epoch
 * ms) stands as DTSTAMP where nothing says when a thing was changed.
 */
export const writeCalendar = (calendars: readonly CalendarOut[], moment: Moment): string =>
  calendars
    .flatMap((calendar) => calendarLines(calendar, moment))
    // a line break within a value that came from elsewhere would begin a line of its own
    .map((line) => `${folded(line.replace(/[\r\n]+/g, ' '))}\r\n`)
    .join('');

/** One event by itself, as an account keeps it: a calendar object resource (RFC 4791 4.1), with the lines that stood beside it. */
export const writeEvent = (event: CalendarEvent, moment: Moment, kept: Calendar['kept'] = []): string =>
  writeCalendar([{ name: null, color: null, kept, events: [event], tasks: [], blocks: [] }], moment);

/** What an event says, as the lines in which it would be written, but for when and how often it was changed. */
export const eventSays = (event: CalendarEvent): string[] =>
  eventLines({ ...event, sequence: 0, changedAt: 0 }, 0);

function calendarLines({ name, color, kept, events, tasks, blocks }: CalendarOut, moment: Moment): string[] {
  const year = Number(new Date(moment.now).toISOString().slice(0, 4));
  const years = events.map(({ start }) => Number(start.wall.slice(0, 4)));
  // clocks that changed before then are told as they were from then on
  const first = Math.max(1900, years.reduce((a, b) => Math.min(a, b), year) - 1);
  const { properties, components } = keptParts(kept);
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Sprindle//Sprindle//EN',
    ...(name === null ? [] : [`NAME:${escaped(name)}`, `X-WR-CALNAME:${escaped(name)}`]),
    ...(color ? [`COLOR:${escaped(color)}`] : []),
    ...properties,
    ...zonesOf(events, tasks, moment.zone).flatMap((zone) => zoneLines(zone, first, year + YEARS_AHEAD)),
    ...events.flatMap((event) => eventLines(event, moment.now)),
    ...blocks.flatMap((block) => blockLines(block, moment.now)),
    ...tasks.flatMap((task) => taskLines(task, moment)),
    ...components,
    'END:VCALENDAR',
  ];
}

function zonesOf(events: readonly CalendarEvent[], tasks: readonly Task[], home: Zone): Zone[] {
  const starts = events.flatMap((event) => [event, ...event.exceptions].map(({ start }) => start.zone));
  const due = tasks.some((task) => task.due?.time) ? [home] : [];
  return [...new Set([...starts, ...due])].filter((zone): zone is Zone => zone !== null && zone !== 'UTC');
}

function eventLines(event: CalendarEvent, now: number): string[] {
  const { zone } = event.start;
  const head = [
    'BEGIN:VEVENT',
    `UID:${escaped(event.uid)}`,
    `DTSTAMP:${utc(event.changedAt ?? now)}`,
    ...(event.sequence ? [`SEQUENCE:${event.sequence}`] : []),
  ];
  const plain = event.also.filter(({ length }) => !length).map(({ wall }) => wall);
  const periods = event.also.flatMap(({ wall, length }) => (length ? [{ wall, length }] : []));
  return [
    ...head,
    ...detailLines(event),
    ...(event.rule ? [`RRULE:${event.rule}`] : []),
    ...(plain.length > 0 ? [timesLine('RDATE', plain, zone)] : []),
    ...periods.map(({ wall, length }) => {
      const start = timesLine('RDATE;VALUE=PERIOD', [wall], zone);
      return `${start}/${durationText(length)}`;
    }),
    ...(event.without.length > 0 ? [timesLine('EXDATE', event.without, zone)] : []),
    'END:VEVENT',
    ...event.exceptions.flatMap((exception) => [
      ...head,
      timesLine(
        exception.andLater ? 'RECURRENCE-ID;RANGE=THISANDFUTURE' : 'RECURRENCE-ID',
        [exception.recurrence],
        zone,
      ),
      ...detailLines(exception),
      'END:VEVENT',
    ]),
  ];
}

function detailLines(details: EventDetails): string[] {
  const { title, location, notes, categories, color, calls, attendees, reminders, start, length } = details;
  const { busy, cancelled, kept } = details;
  return [
    timesLine('DTSTART', [start.wall], start.zone),
    `DURATION:${durationText(length)}`,
    `SUMMARY:${escaped(title)}`,
    ...(location ? [`LOCATION:${escaped(location)}`] : []),
    ...(notes ? [`DESCRIPTION:${escaped(notes)}`] : []),
    ...(categories.length > 0 ? [`CATEGORIES:${categories.map(escaped).join(',')}`] : []),
    ...(color ? [`COLOR:${escaped(color)}`] : []),
    ...(busy ? [] : ['TRANSP:TRANSPARENT']),
    ...(cancelled ? ['STATUS:CANCELLED'] : []),
    ...calls.map(({ line, uri }) => line || `CONFERENCE;VALUE=URI:${uri}`),
    ...attendees.map(({ line }) => line),
    ...kept,
    ...reminders.flatMap((alarm) => alarmLines(alarm, title)),
  ];
}

const blockLines = ({ block, title, leads }: BlockOut, now: number): string[] => {
  const { id, taskId, start, minutes, changedAt } = block;
  return [
    'BEGIN:VEVENT',
    `UID:${escaped(id)}`,
    `DTSTAMP:${utc(changedAt ?? now)}`,
    `DTSTART:${utc(start)}`,
    `DURATION:${minutesText(minutes)}`,
    `SUMMARY:${escaped(title)}`,
    `RELATED-TO:${escaped(taskId)}`,
    ...leadLines(leads, title),
    'END:VEVENT',
  ];
};

/** RFC 5545 3.8.1.9: 1 is the highest, 9 the lowest. */
export const priorityLevels: Record<Priority, number> = { urgent: 1, high: 3, normal: 5, low: 9 };

function taskLines(task: Task, { zone, now }: Moment): string[] {
  const { title, notes, estimate, priority, due, doneAt, origin } = task;
  const wall = due && (due.time ? `${due.date}T${due.time}:00` : due.date);
  const lastRead = (origin?.lastRead.kept ?? []).filter((line) => doneAt === null || !/^STATUS:/i.test(line));
  return [
    'BEGIN:VTODO',
    `UID:${escaped(origin?.uid ?? task.id)}`,
    `DTSTAMP:${utc(task.changedAt ?? now)}`,
    `SUMMARY:${escaped(title)}`,
    ...(notes ? [`DESCRIPTION:${escaped(notes)}`] : []),
    ...(wall ? [timesLine('DUE', [wall], zone)] : []),
    ...(estimate ? [`ESTIMATED-DURATION:${minutesText(estimate)}`] : []),
    `PRIORITY:${priorityLevels[priority]}`,
    ...(doneAt === null ? [] : ['STATUS:COMPLETED', `COMPLETED:${utc(doneAt)}`]),
    ...lastRead,
    'END:VTODO',
  ];
}
