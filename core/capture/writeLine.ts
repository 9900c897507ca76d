import type { Task } from '../model/task';
import { plainDue } from '../tasks/dueWords';
import type { Reader } from './chip';
import { quickTaskOf } from './quickTask';
import { readLine } from './quickLine';

const priorityText = { urgent: ', urgent', high: ', high priority', normal: '', low: ', low priority' };

/** What a line can say of a task, to be compared. */
const said = ({ title, estimate, due, notBefore, priority, energy, category, listId }: Omit<Task, 'rank'>) =>
  JSON.stringify([
    title,
    estimate,
    due,
    notBefore ?? null,
    priority,
    energy ?? null,
    category ?? null,
    listId,
  ]);

/**
 * A task as a quick line that reads back the same, list and category included. A title that would be understood as something
 * else stands alone: nothing is guessed from it.
 */
export function lineOf(task: Omit<Task, 'rank'>, reader: Reader): string {
  const { workspace, now, zone } = reader;
  const list = workspace.lists.get(task.listId);
  const category = workspace.categories.get(task.category ?? '');
  const hours = Math.floor((task.estimate ?? 0) / 60);
  const minutes = (task.estimate ?? 0) % 60;
  const length = [hours > 0 ? `${hours}h` : '', minutes > 0 ? `${minutes}m` : ''].join('');
  const parts = [
    task.title,
    length,
    task.notBefore ? `not before ${plainDue(task.notBefore)}` : '',
    task.due ? `by ${plainDue(task.due)}` : '',
    task.energy ? `needs ${task.energy} hours` : '',
    list ? `in list ${list.name}` : '',
    category ? `category ${category.name}` : '',
  ];
  const line = parts.filter(Boolean).join(' ') + priorityText[task.priority];
  const { id, createdAt } = task;
  const back = quickTaskOf(readLine(line, reader), workspace, { id, createdAt: now, zone });
  return said({ ...back.task, createdAt }) === said(task) && back.goes === null ? line : task.title;
}
