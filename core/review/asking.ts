import { occurrencesShown } from '../calendar/layers';
import type { Occurrence } from '../calendar/occurrences';
import type { TimeEntry } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { taskOf } from '../tasks/places';
import { lengthOf, MINUTE, type Span } from '../time/span';
import { dateOf, datesFrom, type IsoDate, type Zone } from '../time/zone';
import { runningEntry } from '../track/entries';
import { isInMeeting, minutesSpent } from '../track/spent';

/** What is asked of the one for whom a timer runs. `key` tells it from what was asked before. */
export type Asked = { readonly key: string } & (
  | { readonly kind: 'over'; readonly task: Task; readonly by: number }
  /** A meeting has begun since the timer was started on something else. */
  | { readonly kind: 'begun'; readonly meeting: Occurrence }
  /** The timer has run on through a meeting that it was not started on. */
  | { readonly kind: 'through'; readonly meeting: Occurrence }
  /** The meeting that the timer runs on was to end so many minutes ago. */
  | { readonly kind: 'ended'; readonly meeting: Occurrence; readonly by: number }
);

/** A meeting that began longer ago than this, in minutes, is not asked about: one has stayed away from it. */
const JUST_BEGUN = 15;

/**
 * What is to be asked while a timer runs, first things first: a meeting that has just begun, then those that the timer
 * has run through, then work that has taken all of its estimate, or a meeting that is past its end.
 */
export function asksNow(workspace: Workspace, zone: Zone, now: number): Asked[] {
  const entry = runningEntry(workspace.entries);
  if (!entry) return [];
  const meetings = meetingsAround(workspace, entry, zone, now);
  const since = meetings.filter(
    (each) => each.from > entry.from && each.from <= now && !isInMeeting(entry.subject, each),
  );
  const asks = [
    begun(entry, since, now),
    ...through(entry, since, now),
    over(workspace, entry, now),
    ended(entry, meetings, now),
  ];
  return asks.filter((asked) => asked !== undefined);
}

/** The meetings of a day that take time at an hour. */
export const meetingsOn = (workspace: Workspace, date: IsoDate, zone: Zone): Occurrence[] =>
  occurrencesShown(workspace, date, zone).filter(({ allDay, busy }) => !allDay && busy);

/** The first two days of what a timer ran: those in which one looks for what it ran through. */
export const datesIn = ({ from, to }: Span, zone: Zone): IsoDate[] =>
  datesFrom(dateOf(from, zone), 2).filter((date) => date <= dateOf(to, zone));

/** The meetings of the days on which a timer was started and of today, each once. */
function meetingsAround(workspace: Workspace, { from }: TimeEntry, zone: Zone, now: number): Occurrence[] {
  const dates = new Set([...datesIn({ from, to: now }, zone), dateOf(now, zone)]);
  const found = [...dates].flatMap((date) => meetingsOn(workspace, date, zone));
  return [...new Map(found.map((meeting) => [meeting.id, meeting])).values()];
}

function begun(entry: TimeEntry, since: readonly Occurrence[], now: number): Asked | undefined {
  const meeting = since.find(({ from, to }) => now < Math.min(to, from + JUST_BEGUN * MINUTE));
  return meeting && { kind: 'begun', key: `${entry.id} ${meeting.id}`, meeting };
}

const through = (entry: TimeEntry, since: readonly Occurrence[], now: number): Asked[] =>
  since
    .filter(({ to }) => to <= now)
    .map((meeting) => ({ kind: 'through', key: `${entry.id} through ${meeting.id}`, meeting }));

function over(workspace: Workspace, entry: TimeEntry, now: number): Asked | undefined {
  if (entry.subject.kind !== 'task') return undefined;
  const task = taskOf(workspace, entry.subject.taskId);
  if (!task || task.estimate === null) return undefined;
  const by = Math.floor(minutesSpent(workspace.entries, task.id, now)) - task.estimate;
  return by < 0 ? undefined : { kind: 'over', key: `${entry.id} ${task.estimate}`, task, by };
}

function ended({ id, subject }: TimeEntry, meetings: readonly Occurrence[], now: number): Asked | undefined {
  if (subject.kind !== 'event') return undefined;
  const meeting = meetings.find((each) => each.id === subject.occurrence);
  if (!meeting || meeting.to > now) return undefined;
  return {
    kind: 'ended',
    key: `${id} ${meeting.id}`,
    meeting,
    by: Math.floor(lengthOf({ from: meeting.to, to: now })),
  };
}
