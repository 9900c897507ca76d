import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { dayWords, durationWords, clockWords, whenWords } from '../time/words';
import { MINUTE } from '../time/span';
import { lengthOfTask } from '../tasks/newTask';
import { dateOf, type Zone } from '../time/zone';
import type { Mend } from './mends';

/** A change that helps, in words that name what it does: `Move Photos to Fri 27 Nov 09:00`. */
export function mendWords({ change }: Mend, workspace: Workspace, zone: Zone, now: number): string {
  const { settings } = workspace;
  const today = dateOf(now, zone);
  switch (change.kind) {
    case 'move':
      return `Move ${change.title} to ${whenWords(change.start, today, zone, settings)}`;
    case 'earlier':
      return `Begin ${change.task.title} earlier`;
    case 'meeting':
      return `Move ${change.meeting.title}, ${whenWords(change.meeting.from, today, zone, settings)}`;
    case 'longer': {
      const day = `Work ${durationWords(change.minutes)} longer ${dayWords(change.date, today, settings)}`;
      const end = dayPlan(workspace, change.date, zone).working.at(-1)?.to;
      return change.zone && end !== undefined
        ? `${day}, until ${clockWords(end + change.minutes * MINUTE, zone, settings.clock)}`
        : day;
    }
    case 'smaller':
      return `Give ${change.task.title} ${durationWords(change.estimate)}, not ${durationWords(lengthOfTask(change.task))}`;
    case 'park':
      return `Park ${change.task.title}`;
  }
}

/** What a change leaves: nothing more to say where it mends the stretch, else how much is still short. */
export const leftWords = ({ left }: Mend): string =>
  left > 0 ? `${durationWords(left)} would still be short` : '';
