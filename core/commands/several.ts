import type { Id } from '../model/common';
import { clarify, type Said } from './clarify';
import { command } from './command';
import { putInTray } from './plan';
import { deleteTask, editTask, tickOff, type Next } from './tasks';

/** Says the same of several tasks in one step; `lay` puts them into the tray of a day as well. */
export const editAll = command(
  'edit several tasks',
  (
    workspace,
    {
      ids,
      said,
      lay,
    }: { ids: readonly Id[]; said: Said; lay: { date: string; newIds: readonly Id[] } | null },
  ) =>
    ids.reduce((at, id, i) => {
      const { steps: _, ...words } = said;
      const edited = editTask.apply(at, { id, ...words });
      const trayId = lay?.newIds[i];
      return lay && trayId ? putInTray.apply(edited, { id: trayId, taskId: id, date: lay.date }) : edited;
    }, workspace),
);

/** Files several tasks into a list or a category, in one step; they wait in the inbox no longer. */
export const fileAll = command(
  'file tasks',
  (workspace, { ids, said }: { ids: readonly Id[]; said: Pick<Said, 'listId' | 'categoryName'> }) =>
    ids.reduce((now, id) => clarify.apply(now, { id, said, lay: null }), workspace),
);

/** Ticks several tasks off at an instant. */
export const tickOffAll = command(
  'tick off',
  (workspace, { ids, ...when }: { ids: readonly Id[]; at: number; next?: Next }) =>
    ids.reduce((now, id) => tickOff.apply(now, { id, ...when }), workspace),
);

/** Deletes several tasks with their blocks. */
export const deleteAll = command(
  'delete tasks',
  (workspace, { ids, at }: { ids: readonly Id[]; at: number }) =>
    ids.reduce((now, id) => deleteTask.apply(now, { id, at }), workspace),
);

/** Changes cells of a table: what each says of its task, all in one step. */
export const editCells = command(
  'edit cells',
  (workspace, { changes }: { changes: readonly Parameters<typeof editTask.apply>[1][] }) =>
    changes.reduce((now, change) => editTask.apply(now, change), workspace),
);
