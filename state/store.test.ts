import { addTask, editTask } from '@/core/commands/tasks';
import type { Change } from '@/core/commands/changes';
import { emptyWorkspace } from '@/core/model/workspace';
import { ids, memory, opened, waders as task } from './fixtures/memory';
import { repository, type KeyValue } from './repository';
import { createWorkspaceStore } from './store';
import type { Ears } from './tabs';

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

/** Tabs that hear each other only when `deliver` is called, as if both edited at the same moment. */
async function twoTabs(storage: KeyValue = memory()) {
  const ears: Ears[] = [];
  const post: (() => void)[] = [];
  const tab = async (me: number, clock: () => number) => {
    const tabs = {
      tell: (changes: readonly Change[]) => void post.push(() => ears[1 - me]?.changes(changes)),
      open: () => ears[1 - me]?.opening(),
      listen: (heard: Ears) => void (ears[me] = heard),
    };
    const store = createWorkspaceStore({ repository: repository(storage), now: clock, tabs });
    await store.open();
    return store;
  };
  let time = 1000;
  const [each, two] = [await tab(0, () => (time += 1)), await tab(1, () => (time += 1))];
  const deliver = () => post.splice(0).forEach((letter) => letter());
  const both = () => [each, two].map((store) => store.getState().workspace.tasks.get('a'));
  return { one: each, two, deliver, both };
}

test('a change in one tab shows in another, and edits of different things both survive', async () => {
  const storage = memory();
  const { one: each, two, deliver } = await twoTabs(storage);
  each.run(addTask, task);
  two.run(addTask, { ...task, id: 'b' });
  deliver();
  expect([ids(each).sort(), ids(two).sort()]).toEqual([
    ['a', 'b'],
    ['a', 'b'],
  ]);
  await Promise.all([each.flush(), two.flush()]);
  expect(ids(await opened(storage)).sort()).toEqual(['a', 'b']);
});

test('a tab that opens while another has a change that is not on disk yet gets it, and does not undo it', async () => {
  const storage = memory();
  const ears: Ears[] = [];
  const tab = (me: number) => {
    const others = () => ears.filter((_, at) => at !== me);
    const tabs = {
      tell: (changes: readonly Change[]) => others().forEach((ear) => ear.changes(changes)),
      open: () => others().forEach((ear) => ear.opening()),
      listen: (heard: Ears) => void (ears[me] = heard),
    };
    return createWorkspaceStore({ repository: repository(storage), now: () => 1000, tabs });
  };
  const [old, young] = [tab(0), tab(1)];
  await old.open();
  old.run(addTask, task);
  await old.flush();
  old.run(editTask, { id: 'a', estimate: 45 }); // not written when the other begins to read
  const reading = young.open();
  old.run(editTask, { id: 'a', title: 'Order boots' }); // told while it reads
  await reading;
  young.run(editTask, { id: 'a', priority: 'high' });
  await Promise.all([old.flush(), young.flush()]);
  expect((await opened(storage)).getState().workspace.tasks.get('a')).toMatchObject({
    title: 'Order boots',
    estimate: 45,
    priority: 'high',
  });
});

test('of one task edited in two tabs at once both fields survive; of the same field the later edit, in both tabs', async () => {
  const { one: each, two, deliver, both } = await twoTabs();
  each.run(addTask, task);
  deliver();
  each.run(editTask, { id: 'a', title: 'Order boots' });
  two.run(editTask, { id: 'a', estimate: 45 });
  deliver();
  expect(both()).toMatchObject([
    { title: 'Order boots', estimate: 45 },
    { title: 'Order boots', estimate: 45 },
  ]);
  two.run(editTask, { id: 'a', title: 'Order nets' });
  each.run(editTask, { id: 'a', title: 'Order ropes' });
  deliver();
  expect(both()).toMatchObject([{ title: 'Order ropes' }, { title: 'Order ropes' }]);
});

test('undo takes back one’s own edit and leaves what another tab has changed since', async () => {
  const { one: each, two, deliver, both } = await twoTabs();
  each.run(addTask, task);
  each.run(editTask, { id: 'a', title: 'Order boots', priority: 'high' });
  deliver();
  two.run(editTask, { id: 'a', title: 'Order nets' });
  deliver();
  each.undo();
  deliver();
  expect(both()).toMatchObject([
    { title: 'Order nets', priority: 'normal' },
    { title: 'Order nets', priority: 'normal' },
  ]);
  two.undo();
  deliver();
  expect(both()).toMatchObject([{ title: 'Order boots' }, { title: 'Order boots' }]);
});

test('undo says when what it would take back has been changed elsewhere', async () => {
  const { one: each, two, deliver } = await twoTabs();
  each.run(addTask, task);
  each.run(editTask, { id: 'a', title: 'Order boots' });
  deliver();
  two.run(editTask, { id: 'a', title: 'Order nets' });
  deliver();
  each.undo();
  expect(each.getState().notices.at(-1)?.text).toContain('had been changed elsewhere');
});

test('every changed record carries the time of its change', async () => {
  const store = await opened(memory());
  store.run(addTask, task);
  expect(store.getState().workspace.tasks.get('a')?.changedAt).toBe(1000);
});
