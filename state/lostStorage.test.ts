import { changeSettings } from '@/core/commands/calendar';
import { addTask } from '@/core/commands/tasks';
import { plainEvent } from '@/core/model/event';
import { versionOf } from '@/core/model/migrations';
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
  const { length } = storage.writes;
  store.run(addTask, { ...task, id: 'b' });
  await store.flush();
  // at once, as the page may be gone after the first transaction
  expect(storage.writes).toHaveLength(length + 1);
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
    me: 'one',
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

const event = {
  id: 'e',
  calendarId: 'c',
  uid: 'e',
  ...plainEvent,
  title: 'Crew call',
  start: { wall: '2026-01-05T09:00:00', zone: 'Europe/London' },
  length: { days: 0, seconds: 1800 },
};

test.each([
  ['events/c', { ...event, start: { wall: 'tomorrow', zone: null } }],
  ['events/c', { ...event, start: { wall: '2026-02-30', zone: null } }],
  ['events/c', { ...event, start: { wall: '2026-01-05T09:00:00', zone: 'Middle/Earth' } }],
  ['events/c', { ...event, length: { days: 9e15, seconds: 0 } }],
  ['events/c', { ...event, without: ['never'] }],
  ['events/c', { ...event, also: [{ wall: '2026-13-01', length: null }] }],
  ['events/c', { ...event, exceptions: [{ ...event, recurrence: 'x', andLater: false }] }],
  ['blocks/2026-11', { id: 'k', taskId: 'a', start: 9e15, minutes: 30 }],
  ['entries/2026-11', { id: 'n', subject: { kind: 'task', taskId: 'a' }, from: 0, to: 9e15 }],
  ['tasks/open-2c', { ...task, id: 'b', rank: 0, neededBy: { eventId: 'e', recurrence: '' } }],
])(
  'a record in %s that nothing could be drawn from is set aside, and all else opens',
  async (part, record) => {
    const text = (place: string, ...content: object[]) =>
      JSON.stringify({ version: versionOf(place.split('/')[0] ?? ''), content });
    const good = { ...task, rank: 0 };
    const storage = memory({
      'part:tasks/open-0': text('tasks', good),
      [`part:${part}`]: text(part, record),
      'part:strange/1': text('settings', {}),
    });
    const store = await opened(storage);
    expect(store.getState()).toMatchObject({ unsaved: null, setAside: [part] });
    expect(ids(store)).toEqual(['a']);
    expect(storage.stored[`damaged:1000:${part}`]).toBeDefined();
  },
);
