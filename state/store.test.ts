import { addTask, editTask } from '@/core/commands/tasks';
import { emptyWorkspace } from '@/core/model/workspace';
import { ids, memory, opened, waders as task } from './fixtures/memory';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a change is stored within half a second, only in the partitions it touched, and opens again', async () => {
  const storage = memory();
  const store = await opened(storage);
  store.run(addTask, task);
  expect(storage.writes).toEqual([]);
  await jest.advanceTimersByTimeAsync(450);
  expect(storage.writes).toEqual([['part:tasks/open-2c', 'mark']]);
  expect((await opened(storage)).getState().workspace.tasks.get('a')?.title).toBe('Order waders');
});

test('undo and redo name the step and are stored too', async () => {
  const storage = memory();
  const store = await opened(storage);
  store.run(addTask, task);
  store.run(editTask, { id: 'a', title: 'Order boots' });
  store.undo();
  expect(store.getState().notices.at(-1)?.text).toBe('Undone: edit');
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
    notices: [{ tone: 'problem', text: 'This task is no longer there.' }],
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
  expect(store.getState().notices.at(-1)?.text).toContain('tasks/open, blocks/2026-11');
  expect(storage.stored['damaged:1000:tasks/open']).toBe(good);
  expect(store.getState().setAside).toEqual(['blocks/2026-11', 'tasks/open']);
  const file = JSON.parse(await store.damagedFile());
  expect(file.parts).toContainEqual({ part: 'tasks/open', at: 1000, text: good });
  await store.forgetDamaged();
  expect(Object.keys(storage.stored).some((key) => key.startsWith('damaged:'))).toBe(false);
  expect((await opened(storage)).getState().setAside).toEqual([]);
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
  expect(storage.stored['part:tasks/open-2c']).toContain('Order boots');
});

test('every changed record carries the time of its change', async () => {
  const store = await opened(memory());
  store.run(addTask, task);
  expect(store.getState().workspace.tasks.get('a')?.changedAt).toBe(1000);
});
