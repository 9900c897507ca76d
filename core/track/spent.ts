import type { Occurrence } from '../calendar/occurrences';
import { groupedBy } from '../model/collection';
import type { Subject, TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { minutesOf, type Span } from '../time/span';

/** One key for all time on the same thing. */
export function subjectKey(subject: Subject): string {
  switch (subject.kind) {
    case 'task':
      return `task ${subject.taskId}`;
    case 'event':
      return `event ${subject.occurrence}`;
    case 'other':
      return `other ${subject.title}`;
  }
}

/** A meeting as what time is spent on. */
export const subjectOfMeeting = ({ id, title }: Pick<Occurrence, 'id' | 'title'>): Subject => ({
  kind: 'event',
  occurrence: id,
  title,
});

/** Whether time on something is time in a meeting. */
export const isInMeeting = (subject: Subject, { id }: Pick<Occurrence, 'id'>): boolean =>
  subject.kind === 'event' && subject.occurrence === id;

/** The stretch of an entry; a running one lasts until `now`. */
export const spanOfEntry = ({ from, to }: TimeEntry, now: number): Span => ({
  from,
  to: to ?? Math.max(from, now),
});

const bySubject = groupedBy<TimeEntry>(({ subject }) => subjectKey(subject));

/** All time on one thing, in no order. */
export const entriesOf = (entries: Workspace['entries'], subject: Subject) =>
  bySubject(entries, subjectKey(subject));

/** Minutes spent on a task so far. */
export function minutesSpent(entries: Workspace['entries'], taskId: string, now: number): number {
  const own = entriesOf(entries, { kind: 'task', taskId });
  return minutesOf(own.map((entry) => spanOfEntry(entry, now)));
}
