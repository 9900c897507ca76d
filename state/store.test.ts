import { addTask, editTask } from '@/core/commands/tasks';
import { emptyWorkspace, firstList } from '@/core/model/workspace';
import { repository, type KeyValue } from './repository';
import { createWorkspaceStore } from './store';

function memory(stored: Record<string, string> = {}) {
  const writes: string[][] = [];
  const storage: KeyValue & { stored: Record<string, string>; writes: string[][]; full: boolean } = {
    stored,
    writes,
    full: false,
    getAllKeys: async () => Object.keys(stored),
    getMany: async (keys) => Object.fromEntries(keys.map((key) => [key, stored[key] ?? null])),
    setMany: async (entries) => {
      if (storage.full) throw new Error('quota');
      writes.push(Object.keys(entries));
      Object.assign(stored, entries);
    },
  };
  return storage;
}
const task = {
  id: 'a',
  title: 'Order waders',
  notes: '',
  listId: firstList.id,
  estimate: 20,
  priority: 'normal' as const,
  due: null,
  doneAt: null,
  createdAt: 0,
};
const opened = async (storage: KeyValue) => {
  const store = createWorkspaceStore({ repository: repository(storage), now: () => 1000 });
  await store.open();
  return store;
};

const ids = (store: Awaited<ReturnType<typeof opened>>) =>
  store
    .getState()
    .workspace.tasks.values()
    .map(({ id }) => id);

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a change is stored within half a second, only in the partitions it touched, and opens again', async () => {
  const storage = memory();
  const store = await opened(storage);
  store.run(addTask, task);
  expect(storage.writes).toEqual([]);
  await jest.advanceTimersByTimeAsync(450);
  expect(storage.writes).toEqual([['part:tasks/open']]);
  expect((await opened(storage)).getState().workspace.tasks.get('a')?.title).toBe('Order waders');
});

test('undo and redo name the step and are stored too', async () => {
  const storage = memory();
  const store = await opened(storage);
  store.run(addTask, task);
  store.run(editTask, { id: 'a', title: 'Order boots' });
  store.undo();
  expect(store.getState().notice?.text).toBe('Undone: edit');
  expect(store.getState().workspace.tasks.get('a')?.title).toBe('Order waders');
  store.redo();
  await store.flush();
  expect((await opened(storage)).getState().workspace.tasks.get('a')?.title).toBe('Order boots');
});

test('a command that fails changes nothing and says why', async () => {
  const store = await opened(memory());
  expect(store.run(editTask, { id: 'gone', title: 'x' })).toBe(false);
  expect(store.getState()).toMatchObject({
    workspace: emptyWorkspace,
    past: [],
    notice: { tone: 'problem', text: 'This task is no longer there.' },
  });
});

test('a damaged part is set aside and reported, and the rest opens', async () => {
  const good = JSON.stringify({
    version: 1,
    content: [
      { ...task, rank: 0 },
      { id: 'b', title: '' },
    ],
  });
  const storage = memory({ 'part:tasks/open': good, 'part:blocks/2026-11': '{"version":1,"conte' });
  const store = await opened(storage);
  expect(ids(store)).toEqual(['a']);
  expect(store.getState().notice?.text).toContain('tasks/open, blocks/2026-11');
  expect(storage.stored['damaged:1000:tasks/open']).toBe(good);
});

test('data of a later version is neither opened nor overwritten', async () => {
  const storage = memory({ 'part:tasks/open': '{"version":99,"content":[]}' });
  const store = await opened(storage);
  expect(store.getState().unsaved).toContain('data version 99');
  store.run(addTask, task);
  await store.flush();
  expect(storage.stored).toEqual({ 'part:tasks/open': '{"version":99,"content":[]}' });
});

test('full storage is said, keeps everything in memory, and is tried again', async () => {
  const storage = memory();
  const store = await opened(storage);
  storage.full = true;
  store.run(addTask, task);
  await store.flush();
  expect(store.getState().unsaved).toContain('not being saved');
  storage.full = false;
  store.run(editTask, { id: 'a', title: 'Order boots' });
  await store.flush();
  expect(store.getState().unsaved).toBeNull();
  expect(storage.stored['part:tasks/open']).toContain('Order boots');
});

test('a change in one tab shows in another, and edits of different things both survive', async () => {
  const storage = memory();
  const heard: ((changes: never) => void)[] = [];
  const tab = async (me: number) => {
    const tabs = {
      tell: (changes: unknown) => heard.forEach((hear, i) => i !== me && hear(changes as never)), // what one tab tells another hears
      listen: (hear: (changes: never) => void) => void (heard[me] = hear),
    };
    const store = createWorkspaceStore({ repository: repository(storage), now: () => 0, tabs });
    await store.open();
    return store;
  };
  const [one, two] = [await tab(0), await tab(1)];
  one.run(addTask, task);
  two.run(addTask, { ...task, id: 'b' });
  await Promise.all([one.flush(), two.flush()]);
  expect(ids(await opened(storage)).sort()).toEqual(['a', 'b']);
});
