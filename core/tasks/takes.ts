import type { Settings } from '../model/settings';
import type { Task } from '../model/task';
import { durationWords } from '../time/words';
import { estimated } from './find';
import { DEFAULT_LENGTH } from './newTask';

/*
 * What tasks are counted with in loads, in what fits, and where they are placed: their estimates, or, where one has chosen so,
 * what such work really takes of them.
 */

type Counting = { readonly settings: Pick<Settings, 'pace'> };
type Estimated = Pick<Task, 'estimate' | 'category' | 'listId'>;

/** What kind of work a task is: that of its category, or else of its list. */
export const kindOf = ({ category, listId }: Pick<Task, 'category' | 'listId'>): string =>
  category === undefined ? `list ${listId}` : `category ${category}`;

/** How many times its estimate a task is counted with. */
function paceOf({ settings: { pace } }: Counting, task: Pick<Task, 'category' | 'listId'>): number {
  if (!pace) return 1;
  const kind = kindOf(task);
  return pace.kinds.find(({ of }) => of === kind)?.ratio ?? pace.all;
}

/** Lengths that are not estimated are told in so many minutes. */
const STEP = 5;

/** The minutes that a task is counted with; null without an estimate. */
export function expectedOf(workspace: Counting, task: Estimated): number | null {
  if (task.estimate === null || !workspace.settings.pace) return task.estimate;
  return Math.max(STEP, Math.round((task.estimate * paceOf(workspace, task)) / STEP) * STEP);
}

/** The minutes that a task takes of the plan: what it is counted with, or the usual length. */
export const minutesTaken = (workspace: Counting, task: Estimated): number =>
  expectedOf(workspace, task) ?? DEFAULT_LENGTH;

type Whole = Estimated & Pick<Task, 'id' | 'partOf'>;

/** What some tasks are counted with together, in minutes; one that stands there with its parts is counted by them. */
export const expectedTogether = (workspace: Counting, tasks: readonly Whole[]): number =>
  estimated(tasks, (task) => expectedOf(workspace, task));

/** What is said where minutes are counted with what work really takes; '' where estimates count as they are. */
export const countedWords = ({ settings: { pace } }: Counting): string => (pace ? 'as it really takes' : '');

/** Some tasks in words: `18 tasks · 8 h 50`, with how that was counted. */
export const togetherWords = (workspace: Counting, tasks: readonly Whole[]): string =>
  [
    `${tasks.length} ${tasks.length === 1 ? 'task' : 'tasks'} · ${durationWords(expectedTogether(workspace, tasks))}`,
    countedWords(workspace),
  ]
    .filter(Boolean)
    .join(', ');
