import { groupedBy } from '../model/collection';
import type { Subject, TimeEntry } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { minutesOf, type Span } from '../time/span';
import { distanceWords, durationWords } from '../time/words';
import type { Zone } from '../time/zone';
import { deadlineOf } from '../tasks/deadline';

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

/** What the subject is called; a deleted task is still counted. */
export const subjectTitle = (subject: Subject, tasks: Workspace['tasks']): string =>
  subject.kind === 'task' ? (tasks.get(subject.taskId)?.title ?? 'A deleted task') : subject.title;

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

/** What ticking a task off at `now` says: what it took against its estimate, and how early or late it is. */
export function doneWords(task: Task, spent: number, zone: Zone, now: number): string {
  const said = [];
  if (spent > 0) {
    const drift = task.estimate === null ? undefined : spent - task.estimate;
    const beside =
      drift === undefined
        ? ''
        : drift === 0
          ? ', as estimated'
          : `, ${durationWords(Math.abs(drift))} ${drift > 0 ? 'over' : 'under'} its estimate`;
    said.push(`took ${durationWords(spent)}${beside}`);
  }
  if (task.due) {
    const ahead = deadlineOf(task.due, zone) - now;
    said.push(`${distanceWords(ahead)} ${ahead >= 0 ? 'before it was due' : 'late'}`);
  }
  return said.length > 0 ? `Done: ${said.join(' · ')}` : 'Done';
}
