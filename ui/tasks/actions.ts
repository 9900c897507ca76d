import { addTask, reopen, tickOff } from '@/core/commands/tasks';
import { duplicateBlock } from '@/core/commands/plan';
import { startTimer, stopTimer } from '@/core/commands/track';
import { subjectTitle, doneWords, minutesSpent, subjectKey } from '@/core/track/spent';
import { runningEntry } from '@/core/plan/dayPlan';
import type { Block, Subject } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { session } from '@/state/session';
import { newId, store, useStore, workspaceInSight } from '@/state/workspaceStore';

/** Ticks a task off and says how early or late it was, or takes the tick back. */
export function toggleDone(task: Task): void {
  const at = session.now();
  if (task.doneAt !== null) store.run(reopen, { id: task.id }, `${task.title} is open again`);
  else {
    const spent = minutesSpent(store.getState().workspace.entries, task.id, at);
    store.run(tickOff, { id: task.id, at }, doneWords(task, spent, session.zone, at));
  }
}

/** Starts the timer on something; a timer that runs on something else stops. */
export function start(subject: Subject): void {
  const workspace = workspaceInSight();
  const running = runningEntry(workspace.entries);
  const words = `${running ? 'Switched to' : 'Started'} ${subjectTitle(subject, workspace.tasks)}`;
  store.run(startTimer, { id: newId(), subject, at: session.now() }, words);
}

export const stop = () => store.run(stopTimer, { at: session.now() }, 'Stopped');

/** Whether the timer runs on this subject, in a component. */
export const useRunning = (subject: Subject): boolean =>
  useStore(({ workspace }) => {
    const running = runningEntry(workspace.entries);
    return running !== undefined && subjectKey(running.subject) === subjectKey(subject);
  });

/** One more block of the same task, right after this one. */
export const duplicate = ({ id, taskId }: Block) =>
  store.run(
    duplicateBlock,
    { id, newId: newId() },
    `${workspaceInSight().tasks.get(taskId)?.title ?? 'The task'} once more, right after it`,
  );

type NewTask = Pick<Task, 'title' | 'listId'> &
  Partial<Pick<Task, 'estimate' | 'due' | 'priority' | 'notes'>>;

/** Adds a task; what is not said is left open. */
export const add = (task: NewTask): boolean =>
  store.run(
    addTask,
    {
      id: newId(),
      notes: '',
      estimate: null,
      due: null,
      priority: 'normal',
      doneAt: null,
      createdAt: session.now(),
      ...task,
    },
    `Added ${task.title}`,
  );
