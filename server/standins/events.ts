import ICAL from 'ical.js';
import { addDays, dateOf, instantOf, weekdayOf, type Zone } from '../../core/time/zone';
import { minutesText, timesLine, utc } from '../../core/formats/writeLine';
import { zoneLines } from '../../core/formats/writeZone';
import type { Collection } from './collection';

/** A meeting of the town: days from today (working days), wall time, minutes. */
export type Meeting = {
  readonly uid: string;
  readonly title: string;
  readonly inDays: number;
  readonly at: string;
  readonly minutes: number;
  readonly place?: string;
  readonly rule?: string;
  /** Others see that the time is taken, and not by what. */
  readonly private?: boolean;
};

/** The working day so many working days after today, or after the Monday that follows a weekend. */
export function workingDay(today: string, count: number): string {
  let date = today;
  while (weekdayOf(date) > 5) date = addDays(date, 1);
  for (let left = count; left > 0;) {
    date = addDays(date, 1);
    if (weekdayOf(date) <= 5) left -= 1;
  }
  return date;
}

const wrapped = (lines: readonly string[], zone: Zone, now: number) => {
  const year = new Date(now).getUTCFullYear();
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Town//Stand-ins//EN',
    ...zoneLines(zone, year - 1, year + 3),
    ...lines,
    'END:VCALENDAR',
    '',
  ].join('\r\n');
};

/** A meeting as iCalendar text (RFC 5545), as the town's calendars keep it. */
export function meetingText(meeting: Meeting, zone: Zone, now: number): string {
  const { uid, title, inDays, at, minutes, place, rule } = meeting;
  const date = workingDay(dateOf(now, zone), inDays);
  const lines = [
    'BEGIN:VEVENT',
    `UID:${uid}`,
    `DTSTAMP:${utc(now)}`,
    timesLine('DTSTART', [`${date}T${at}:00`], zone),
    `DURATION:${minutesText(minutes)}`,
    `SUMMARY:${title}`,
    ...(place ? [`LOCATION:${place}`] : []),
    ...(rule ? [`RRULE:${rule}`] : []),
    ...(meeting.private ? ['CLASS:PRIVATE'] : []),
    'END:VEVENT',
  ];
  return wrapped(lines, zone, now);
}

/** A task of the town: its due day is so many working days from today. */
export type Errand = { readonly uid: string; readonly title: string; readonly inDays: number };

/** A task as iCalendar text (RFC 5545 3.6.2), as the town's tracker keeps it; `page` is where the town shows what it holds. */
export function errandText({ uid, title, inDays }: Errand, zone: Zone, now: number, page?: string): string {
  const due = workingDay(dateOf(now, zone), inDays);
  const lines = [
    'BEGIN:VTODO',
    `UID:${uid}`,
    `DTSTAMP:${utc(now)}`,
    timesLine('DUE', [due], null),
    `SUMMARY:${title}`,
    ...(page ? [`URL:${page}#${uid}`] : []),
    'STATUS:NEEDS-ACTION',
    'END:VTODO',
  ];
  return wrapped(lines, zone, now);
}

export const finished = (text: string, now: number): string =>
  edited(text, now, (part) => {
    part.updatePropertyWithValue('status', 'COMPLETED');
    part.updatePropertyWithValue('completed', ICAL.Time.fromJSDate(new Date(now), true));
  });

export const fill = (into: Collection, meetings: readonly Meeting[], zone: Zone, now: number): void =>
  meetings.forEach((meeting) => into.put(`${meeting.uid}.ics`, meetingText(meeting, zone, now)));

/** The event or task within a text. Throws where there is none. */
const within = (root: ICAL.Component): ICAL.Component => {
  const found = root.getFirstSubcomponent('vevent') ?? root.getFirstSubcomponent('vtodo');
  if (!found) throw new Error('There is neither an event nor a task in it.');
  return found;
};

/** Changes what a text of the town's says, as its owner would: its SEQUENCE rises with it (RFC 5546 2.1.4). */
export function edited(text: string, now: number, edit: (part: ICAL.Component) => void): string {
  const root = ICAL.Component.fromString(text);
  const part = within(root);
  edit(part);
  part.updatePropertyWithValue('sequence', Number(part.getFirstPropertyValue('sequence') ?? 0) + 1);
  for (const stamp of ['dtstamp', 'last-modified'])
    part.updatePropertyWithValue(stamp, ICAL.Time.fromJSDate(new Date(now), true));
  return `${root.toString()}\r\n`;
}

/** The same so many minutes later, or earlier. */
export const moved = (text: string, minutes: number, now: number): string =>
  edited(text, now, (part) => {
    const start = part.getFirstPropertyValue('dtstart');
    if (!(start instanceof ICAL.Time)) throw new Error('It has no start.');
    start.adjust(0, 0, minutes, 0);
    part.updatePropertyWithValue('dtstart', start);
  });

export const cancelled = (text: string, now: number): string =>
  edited(text, now, (part) => part.updatePropertyWithValue('status', 'CANCELLED'));

export const renamed = (text: string, title: string, now: number): string =>
  edited(text, now, (part) => part.updatePropertyWithValue('summary', title));

/** What the page of the town shows of a text. */
export function shown(text: string): { title: string; when: string; start: number } {
  const part = within(ICAL.Component.fromString(text));
  const start = part.getFirstPropertyValue('dtstart') ?? part.getFirstPropertyValue('due');
  const status = part.getFirstPropertyValue('status');
  return {
    title: `${String(part.getFirstPropertyValue('summary') ?? '')}${status ? ` (${String(status).toLowerCase()})` : ''}`,
    when: start instanceof ICAL.Time ? start.toString().replace('T', ' ').slice(0, 16) : '',
    start: start instanceof ICAL.Time ? instantOf(start.toString().slice(0, 19), 'UTC') : 0,
  };
}

/** What of a text of one thing belongs into a stream of many: zones, and the thing itself. */
export const partsOf = (text: string): string[] =>
  ICAL.Component.fromString(text)
    .getAllSubcomponents()
    .map((part) => part.toString());

/** When something lies, as a period in UTC (RFC 5545 3.3.9). */
export function periodOf(text: string): string {
  const event = new ICAL.Event(within(ICAL.Component.fromString(text)));
  const [start, end] = [event.startDate, event.endDate].map((time) => utc(time.toJSDate().getTime()));
  return `${start}/${end}`;
}
