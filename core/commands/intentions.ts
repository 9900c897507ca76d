import type { Id } from '../model/common';
import type { Intention } from '../model/plan';
import type { Task } from '../model/task';
import { highestRank } from '../tasks/order';
import { command, existing, put, without } from './command';
import { putInTray } from './plan';
import { addTask } from './tasks';

/** Notes what a day or a week is meant for, below what is there. */
export const addIntention = command('add intention', (workspace, intention: Omit<Intention, 'rank'>) =>
  put(workspace, 'intentions', { ...intention, rank: highestRank(workspace.intentions) + 1 }),
);

/** Changes its text, or ticks it off at an instant. */
export const editIntention = command(
  'edit intention',
  (workspace, { id, ...changes }: { id: Id } & Partial<Pick<Intention, 'text' | 'doneAt'>>) =>
    put(workspace, 'intentions', { ...existing(workspace.intentions, id, 'intention'), ...changes }),
);

export const deleteIntention = command('delete intention', (workspace, { id }: { id: Id }) => {
  existing(workspace.intentions, id, 'intention');
  return without(workspace, 'intentions', [id]);
});

/** Makes a task of an intention; one of a day lies in the tray of that day. */
export const intentionToTask = command(
  'make it a task',
  (workspace, { id, trayId, task }: { id: Id; trayId: Id; task: Omit<Task, 'rank'> }) => {
    const { text, span, date } = existing(workspace.intentions, id, 'intention');
    const bare = without(workspace, 'intentions', [id]);
    const added = addTask.apply(bare, { ...task, title: text });
    return span === 'day' ? putInTray.apply(added, { id: trayId, taskId: task.id, date }) : added;
  },
);
