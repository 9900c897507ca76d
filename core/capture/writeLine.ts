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

/** A length (minutes) as it is typed in a line: `1h30m`. */
export const lengthText = (minutes: number): string => {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  return [hours > 0 ? `${hours}h` : '', rest > 0 ? `${rest}m` : ''].join('');
};

/**
 * A task as a quick line that reads back the same, list and category included. A title that would be understood as something
 * else stands alone: nothing is guessed from it.
 */
export function lineOf(task: Omit<Task, 'rank'>, reader: Reader): string {
  const { workspace, now, zone } = reader;
  const list = workspace.lists.get(task.listId);
  const category = workspace.categories.get(task.category ?? '');
  const parts = [
    task.title,
    task.estimate === null ? '' : lengthText(task.estimate),
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
