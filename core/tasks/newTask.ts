import type { Task } from '../model/task';

/** A new task; the defaults stand here and nowhere else. */
export const newTask = (
  task: Pick<Task, 'id' | 'title' | 'listId' | 'createdAt'> & Partial<Omit<Task, 'rank'>>,
): Omit<Task, 'rank'> => ({
  notes: '',
  estimate: null,
  priority: 'normal',
  due: null,
  doneAt: null,
  ...task,
});

/** What a task without an estimate takes when it is placed, in minutes. */
export const DEFAULT_LENGTH = 30;

/** What a task takes of the plan, in minutes: its estimate, or the usual length. */
export const lengthOfTask = ({ estimate }: Pick<Task, 'estimate'>): number => estimate ?? DEFAULT_LENGTH;
