import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import type { TaskRow } from './taskRows';

/** A task as a row: with the names of its list and its category. */
export const rowOf = (
  task: Task,
  { lists, categories }: Pick<Workspace, 'lists' | 'categories'>,
): TaskRow => ({
  title: task.title,
  notes: task.notes,
  list: task.inbox ? '' : (lists.get(task.listId)?.name ?? ''),
  category: categories.get(task.category ?? '')?.name ?? '',
  estimate: task.estimate,
  priority: task.priority,
  due: task.due,
  notBefore: task.notBefore ?? null,
  energy: task.energy ?? null,
  steps: (task.steps ?? []).map(({ title, doneAt }) => ({ title, done: doneAt !== null })),
  done: task.doneAt !== null,
});
