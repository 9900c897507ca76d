import type { Id } from '../model/common';
import type { ScratchNote } from '../model/scratch';
import { usualList } from '../tasks/lists';
import { newTask } from '../tasks/newTask';
import { command, existing, put, without } from './command';
import { addTasks } from './tasks';

/** Notes a line without leaving the work. */
export const noteScratch = command('note', (workspace, note: ScratchNote) => put(workspace, 'scratch', note));

/** Changes what a scratch note says, or the day that it is for. */
export const editScratch = command(
  'edit note',
  (workspace, { id, ...changes }: { id: Id } & Partial<Pick<ScratchNote, 'text' | 'date'>>) =>
    put(workspace, 'scratch', { ...existing(workspace.scratch, id, 'note'), ...changes }),
);

/** Throws scratch notes away. */
export const deleteScratch = command('delete note', (workspace, { ids }: { ids: readonly Id[] }) =>
  without(workspace, 'scratch', ids),
);

/** Makes tasks of scratch notes, first noted on top; they wait in the inbox. `newId` gives the tasks their ids. */
export const scratchIntoTasks = command(
  'make tasks of notes',
  (workspace, { ids, newId }: { ids: readonly Id[]; newId: () => Id }) => {
    const listId = usualList(workspace).id;
    const notes = ids.map((id) => existing(workspace.scratch, id, 'note'));
    const tasks = notes.map(({ text, notedAt }) =>
      newTask({ id: newId(), title: text, listId, createdAt: notedAt, inbox: true }),
    );
    return without(addTasks.apply(workspace, { tasks }), 'scratch', ids);
  },
);
