import { create } from 'zustand';
import { editTask } from '@/core/commands/tasks';
import type { Task } from '@/core/model/task';
import { durationWords } from '@/core/time/words';
import { minutesSpent } from '@/core/track/spent';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';

/** What was asked of a running timer and is not to be asked again while this page stands. */
export const useHushed = create(() => ({ keys: [] as readonly string[] }));

export const hush = (key: string): void => useHushed.setState(({ keys }) => ({ keys: [...keys, key] }));

/** Estimates grow to a multiple of this, in minutes. */
const STEP = 5;

/** Gives a task so many minutes more than it has taken, or was to take. */
export function giveMore(task: Task, minutes: number): void {
  const spent = Math.floor(minutesSpent(currentWorkspace().entries, task.id, here().now));
  const estimate = Math.ceil((Math.max(spent, task.estimate ?? 0) + minutes) / STEP) * STEP;
  store.run(editTask, { id: task.id, estimate }, `${task.title} is to take ${durationWords(estimate)} now`);
}
