import { changeSettings } from '@/core/commands/calendar';
import { addTask } from '@/core/commands/tasks';
import { emptyWorkspace } from '@/core/model/workspace';
import { ids, memory, opened, waders as task } from './fixtures/memory';
import { repository, type KeyValue } from './repository';
import { createWorkspaceStore } from './store';

test('a storage that was emptied while a tab was open gets everything back with the next change', async () => {
  const storage = memory();
  const store = await opened(storage);
  store.run(addTask, task);
  store.run(changeSettings, { theme: 'dark' });
  await store.flush();
  for (const key of Object.keys(storage.stored)) delete storage.stored[key];
  store.run(addTask, { ...task, id: 'b' });
  await store.flush();
  const again = await opened(storage);
  expect(ids(again).sort()).toEqual(['a', 'b']);
  expect(again.getState().workspace.settings.theme).toBe('dark');
});

test('when the connection to the storage has died, another is opened and holds everything', async () => {
  const [dead, fresh] = [memory(), memory()];
  const store = createWorkspaceStore({ repository: repository(dead, () => fresh), now: () => 1000 });
  await store.open();
  store.run(addTask, task);
  await store.flush();
  dead.full = true;
  store.run(addTask, { ...task, id: 'b' });
  await store.flush();
  expect(store.getState().unsaved).toBeNull();
  expect(ids(await opened(fresh)).sort()).toEqual(['a', 'b']);
});

test('an emptied space is said, and not taken for a new one', async () => {
  let left = false;
  const trace = { isThere: () => left, leave: () => void (left = true) };
  const visit = async (storage: KeyValue) => {
    const store = createWorkspaceStore({ repository: repository(storage), now: () => 1000, trace });
    await store.open(async () => emptyWorkspace);
    return store;
  };
  const first = await visit(memory());
  expect(first.getState().notices).toEqual([]);
  first.run(addTask, task);
  await first.flush();
  expect((await visit(memory())).getState().notices).toMatchObject([
    { tone: 'problem', text: expect.stringContaining('emptied') },
  ]);
});

test('a tab that may not write tells others nothing, and hands out what lies on the disk', async () => {
  const text = '{"version":99,"content":[]}';
  const told: unknown[] = [];
  const tabs = {
    tell: (changes: unknown) => told.push(changes),
    open: () => undefined,
    listen: () => undefined,
  };
  const store = createWorkspaceStore({
    repository: repository(memory({ 'part:tasks/open': text })),
    now: () => 1000,
    tabs,
  });
  await store.open();
  store.run(addTask, task);
  expect(told).toEqual([]);
  expect(store.isReadOnly()).toBe(true);
  expect(await store.onDisk()).toEqual({ 'tasks/open': text });
});
