import { occurrenceAt } from '../calendar/occurrences';
import type { Workspace } from '../model/workspace';
import { linesLeft } from '../plan/routines';
import { deadlineWords } from '../tasks/dueWords';
import { taskOf } from '../tasks/places';
import { MINUTE } from '../time/span';
import { asLine, distanceWords, whenWords } from '../time/words';
import { dateOf, type Zone } from '../time/zone';
import type { Ring } from './ring';

/** A reminder in words: what it is about, and when that is, in a line. */
export type RingWords = { readonly title: string; readonly line: string };

/** What a reminder says at an instant. */
export function ringWords(workspace: Workspace, ring: Ring, now: number, zone: Zone): RingWords {
  const { about, when } = ring;
  switch (about.kind) {
    case 'block':
      return { title: titleOf(workspace, about.taskId), line: beginWords(workspace, when, now, zone) };
    case 'meeting': {
      const event = workspace.events.get(about.eventId);
      const { title, location } = event ? occurrenceAt(event, about.recurrence, zone) : NO_MEETING;
      const line = beginWords(workspace, when, now, zone);
      return { title, line: location === '' ? line : `${line} · ${location}` };
    }
    case 'due': {
      const task = taskOf(workspace, about.taskId);
      const line = task ? deadlineWords(task, workspace, zone, now) : '';
      return { title: titleOf(workspace, about.taskId), line: asLine(line) };
    }
    case 'opening':
      return { title: 'Open the day', line: 'See what is left, choose a few, and begin.' };
    case 'close':
      return { title: 'Close the day', line: 'Decide on what is left, and stop.' };
    case 'routine': {
      const routine = workspace.settings.routines.own.find(({ id }) => id === about.routineId);
      if (!routine) return { title: 'A routine that is gone', line: '' };
      const left = linesLeft(workspace, routine.lines, about.date);
      return { title: routine.name, line: left.map(({ text }) => text).join(', ') };
    }
  }
}

const NO_MEETING = { title: 'A meeting that is gone', location: '' };

const titleOf = (workspace: Workspace, taskId: string) =>
  taskOf(workspace, taskId)?.title ?? 'A deleted task';

/** When something begins: `Begins in 10 min, today 11:30`. */
function beginWords({ settings }: Workspace, when: number, now: number, zone: Zone): string {
  const hour = whenWords(when, dateOf(now, zone), zone, settings).replace(/^today /, 'at ');
  const minutes = Math.round((when - now) / MINUTE);
  if (minutes === 0) return `Begins now, ${hour}`;
  return minutes > 0
    ? `Begins in ${distanceWords(when - now)}, ${hour}`
    : `Began ${distanceWords(when - now)} ago, ${hour}`;
}

/** Several reminders of one instant, in a line: `Grant report, and 3 more`. */
export const severalWords = (titles: readonly string[]): string =>
  titles.length > 1 ? `${titles[0] ?? ''}, and ${titles.length - 1} more` : (titles[0] ?? '');
