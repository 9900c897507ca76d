import type { Due, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { runningTask } from '../track/entries';
import type { Occurrence } from '../calendar/occurrences';
import { dateWords, dayWords, timeWords, whenWords, type Style } from '../time/words';
import { dateOf, type Zone } from '../time/zone';
import { isOverdue, meetingNeeding } from './deadline';

type Ground = Pick<Workspace, 'settings' | 'events' | 'entries'>;

/** A due date in words: `due today 14:00`, `due Thu 26 Nov`. */
export const dueWords = ({ date, time }: Due, today: string, style: Style): string =>
  `due ${dayWords(date, today, style)}${time ? ` ${timeWords(time, style.clock)}` : ''}`;

/** Until when a task must be done, and that it is overdue, in a line: `overdue, was due yesterday`; empty where nothing says when. */
export function deadlineWords(task: Task, workspace: Ground, zone: Zone, now: number): string {
  const { settings, events } = workspace;
  const today = dateOf(now, zone);
  const meeting = meetingNeeding(task, events, zone);
  const due = task.due ? dueWords(task.due, today, settings) : '';
  const needed = meeting ? neededWords(meeting, today, zone, settings) : '';
  const overdue = due !== '' && isOverdue(task, events, zone, now);
  return [`${overdue ? 'overdue, was ' : ''}${due}`, needed].filter(Boolean).join(' · ');
}

/** What is drawn of an open task beside its title, said: `urgent priority`, `running`, `due tomorrow 14:00`. */
export function drawnWords(task: Task, workspace: Ground, zone: Zone, now: number): string[] {
  if (task.doneAt !== null) return [];
  return [
    task.priority === 'normal' ? '' : `${task.priority} priority`,
    runningTask(workspace.entries) === task.id ? 'running' : '',
    deadlineWords(task, workspace, zone, now),
  ].filter(Boolean);
}

/** A due date as it stands in a field, readable by readMoment: `Thu 26 Nov, 14:00`. */
export const dueText = (due: Due | null, style: Style): string =>
  due ? `${dateWords(due.date, style)}${due.time ? `, ${timeWords(due.time, style.clock)}` : ''}` : '';

/** A day with its hour, if it has one, as files and typed lines have it: `2026-11-27 17:00`. */
export const plainDue = ({ date, time }: Due): string => (time === null ? date : `${date} ${time}`);

/** A meeting and when it begins: `Weir hearing, tomorrow 10:30`. */
export function meetingWords(
  { title, from, allDay }: Occurrence,
  today: string,
  zone: Zone,
  style: Style,
): string {
  const when = allDay ? dayWords(dateOf(from, zone), today, style) : whenWords(from, today, zone, style);
  return `${title}, ${when}`;
}

/** The meeting that a task must be done before: `needed by Weir hearing, tomorrow 10:30`. */
export const neededWords = (meeting: Occurrence, today: string, zone: Zone, style: Style): string =>
  `needed by ${meetingWords(meeting, today, zone, style)}`;
