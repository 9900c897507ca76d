import { takenBack, type ImportNote } from '@/core/formats/partitionsFile';
import { addTask, editTask } from '@/core/commands/tasks';
import { mergeWorkspace } from '@/core/commands/merging';
import { task } from '@/core/fixtures/make';
import { workspaceOf } from '@/core/model/workspace';
import { memory, opened, waders } from './fixtures/memory';
import { repository } from './repository';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const notesIn = (stored: Record<string, string>): ImportNote[] =>
  Object.keys(stored)
    .filter((key) => key.startsWith('import:'))
    .map((key) => JSON.parse(stored[key] ?? ''));

test('what an import did is kept, and can be taken back from what is stored without opening it', async () => {
  const storage = memory();
  const store = await opened(storage);
  store.run(addTask, waders);
  const brought = workspaceOf({ tasks: [task('b'), task('a', { title: 'From the file', changedAt: 5000 })] });
  store.run(mergeWorkspace, brought);
  await store.noteImport('office.json');
  store.run(editTask, { id: 'b', title: 'Edited since' });
  await store.flush();

  const [note] = notesIn(storage.stored);
  expect(note).toMatchObject({ at: 1000, name: 'office.json' });
  const parts = Object.entries(storage.stored).flatMap(([key, text]) =>
    key.startsWith('part:') ? [[key.slice(5), text]] : [],
  );
  const after = note && takenBack(Object.fromEntries(parts), note);
  for (const [part, text] of Object.entries(after ?? {})) storage.stored[`part:${part}`] = text;
  const { tasks } = (await opened(storage)).getState().workspace;
  expect(tasks.values().map(({ id, title }) => [id, title])).toEqual([['a', waders.title]]);
});

test('no more than the last five imports are kept', async () => {
  const storage = memory();
  const { noteImport } = repository(storage);
  for (let at = 1; at <= 8; at += 1) await noteImport({ at, name: `file ${at}`, changes: [] });
  expect(notesIn(storage.stored).map(({ name }) => name)).toEqual([4, 5, 6, 7, 8].map((n) => `file ${n}`));
});
