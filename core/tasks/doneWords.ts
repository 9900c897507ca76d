import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { distanceWords, durationWords } from '../time/words';
import type { Zone } from '../time/zone';
import { deadlineOf, meetingNeeding } from './deadline';

/** What ticking a task off at `now` says: what it took against its estimate, and how early or late it is. */
export function doneWords(
  task: Task,
  events: Workspace['events'],
  spent: number,
  zone: Zone,
  now: number,
): string {
  const facts: string[] = [];
  if (spent > 0) facts.push(`took ${durationWords(spent)}${besideEstimate(task, spent)}`);
  const meeting = meetingNeeding(task, events, zone);
  const due = task.due ? deadlineOf(task.due, zone) : Infinity;
  if (meeting && meeting.from <= due) {
    const apart = distanceWords(meeting.from - now);
    facts.push(
      now <= meeting.from ? `${apart} before ${meeting.title}` : `${apart} after ${meeting.title} began`,
    );
  } else if (task.due) {
    const apart = distanceWords(due - now);
    facts.push(now <= due ? `${apart} before it was due` : `${apart} late`);
  }
  return facts.length > 0 ? `Done: ${facts.join(' · ')}` : 'Done';
}

function besideEstimate({ estimate }: Task, spent: number): string {
  if (estimate === null) return '';
  const drift = spent - estimate;
  if (drift === 0) return ', as estimated';
  return `, ${durationWords(Math.abs(drift))} ${drift > 0 ? 'over' : 'under'} its estimate`;
}
