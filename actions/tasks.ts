import { duplicateBlock } from '@/core/commands/plan';
import { addTask, reopen, tickOff } from '@/core/commands/tasks';
import { startTimer, stopTimer } from '@/core/commands/track';
import type { Block, Subject } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import type { Workspace } from '@/core/model/workspace';
import { doneWords } from '@/core/tasks/doneWords';
import { newTask } from '@/core/tasks/newTask';
import { subjectTitle, taskOf } from '@/core/tasks/places';
import { dayAgain } from '@/core/tasks/again';
import { dateWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { runningEntry } from '@/core/track/entries';
import { beganLater } from '@/core/track/seen';
import { minutesSpent, subjectKey } from '@/core/track/spent';
import { here } from '@/state/here';
import { openPanel } from '@/ui/panels';
import { offerEnd } from './ending';
import { offeringFreed } from './offeringFreed';
import { lookAtClock } from './watch';
import { currentWorkspace, newId, store, useStore } from '@/state/workspaceStore';

/** Ticks a task off, says how early or late it was and offers what fits into time that it frees; or takes the tick back. */
export function toggleDone(task: Task): void {
  const { zone, now } = here();
  lookAtClock();
  const words = toggledWords(task);
  if (task.doneAt !== null) store.run(reopen, { id: task.id }, words);
  else offeringFreed(() => store.run(tickOff, { id: task.id, at: now, next: { newId, zone } }, words));
}

/** What is said when a task is ticked off: how early or late; or when it is open again. */
export function toggledWords(task: Task): string {
  if (task.doneAt !== null) return `${task.title} is open again`;
  const { zone, now } = here();
  const { entries, events, settings } = currentWorkspace();
  const spent = minutesSpent(entries, task.id, now);
  const again = task.again
    ? `, comes again ${dateWords(dayAgain(dateOf(now, zone), task.again), settings)}`
    : '';
  return `${doneWords(task, events, spent, zone, now)}${again}`;
}

/** Starts the timer on something; a timer that runs on something else stops. */
export function start(subject: Subject): void {
  lookAtClock();
  const workspace = currentWorkspace();
  const running = runningEntry(workspace.entries);
  const words = `${running ? 'Switched to' : 'Started'} ${subjectTitle(subject, workspace)}`;
  store.run(startTimer, { id: newId(), subject, at: here().now }, words);
  lookAtClock();
}

export function stop(): void {
  lookAtClock();
  const running = runningEntry(currentWorkspace().entries);
  const { now, zone } = here();
  const unknown = running !== undefined && beganLater(running, now);
  const words = unknown
    ? 'Stopped. The computer’s clock was set back since it began, so how long it ran is not known: 1 min is kept.'
    : 'Stopped';
  if (!store.run(stopTimer, { at: now }, words) || !running) return;
  const { subject } = running;
  if (!unknown) offerEnd(subject);
  else
    store.offer({
      label: 'Correct…',
      press: () => openPanel({ kind: 'spent', subject, date: dateOf(now, zone) }),
    });
}

const runsOn = ({ entries }: Workspace, subject: Subject): boolean => {
  const running = runningEntry(entries);
  return running !== undefined && subjectKey(running.subject) === subjectKey(subject);
};

/** Starts the timer on something, or stops it where it runs on that. */
export const startOrStop = (subject: Subject) =>
  runsOn(currentWorkspace(), subject) ? stop() : start(subject);

/** Whether the timer runs on this subject, in a component. */
export const useRunning = (subject: Subject): boolean =>
  useStore(({ workspace }) => runsOn(workspace, subject));

/** One more block of the same task, right after this one. */
export const duplicate = ({ id, taskId }: Block) =>
  store.run(
    duplicateBlock,
    { id, newId: newId() },
    `${taskOf(currentWorkspace(), taskId)?.title ?? 'The task'} once more, right after it`,
  );

/** Adds a task; what is not given is left open. */
export const add = (words: Pick<Task, 'title' | 'listId'> & Partial<Task>): boolean =>
  store.run(addTask, newTask({ id: newId(), createdAt: here().now, ...words }), `Added ${words.title}`);
