import { readFileSync } from 'node:fs';
import { occurrencesIn } from '@/core/calendar/occurrences';
import { readWorkspaceFile, writeWorkspaceFile } from '@/core/formats/workspaceFile';
import { changeSettings } from '@/core/commands/calendar';
import { replaceEverything } from '@/core/commands/merging';
import { editList } from '@/core/commands/lists';
import { addTask, deleteTask, editTask } from '@/core/commands/tasks';
import { categoriesOf } from '@/core/model/categories';
import { defaultSettings } from '@/core/model/settings';
import { firstList } from '@/core/model/workspace';
import { instantOf, wallOf } from '@/core/time/zone';
import { ids, memory, opened, waders } from './fixtures/memory';
import { repository } from './repository';
import { createWorkspaceStore } from './store';

/**
 * What earlier versions of the program stored and exported. The files are never written anew: whoever changes the
 * shape of the data adds a migration, and these tests go on opening what people have had since then.
 */
const version = (n: number) =>
  JSON.parse(readFileSync(`state/fixtures/version${n}.json`, 'utf8')) as {
    stored: Record<string, string>;
    file: string;
  };

const { stored, file } = version(1);
const storage = memory(stored);

test('a workspace that version 1 stored opens whole, and shows the days it showed', async () => {
  const { workspace, damaged } = await repository(storage).load(0);
  expect(damaged).toEqual([]);
  const { settings, tasks, blocks, tray, entries, lists, calendars, events } = workspace;
  expect(settings.theme).toBe('dark');
  expect([tasks, blocks, tray, entries, lists, calendars, events].map(({ size }) => size)).toEqual([
    5, 3, 1, 4, 4, 2, 3,
  ]);
  const zone = 'Europe/London';
  const november = { from: instantOf('2026-11-01', zone), to: instantOf('2026-11-24', zone) };
  const surveys = occurrencesIn(events, november, zone).filter(
    ({ calendarId }) => calendarId === 'survey-calendar',
  );
  expect(surveys.map(({ title, from }) => `${wallOf(from, zone)} ${title}`)).toEqual([
    '2026-11-02T09:00:00 Gauge survey',
    '2026-11-05T14:00:00 Gauge survey',
    '2026-11-17T10:00:00 Gauge survey, moved',
    '2026-11-23T09:00:00 Gauge survey',
  ]);
});

test('a file that version 1 exported comes in as the same workspace', async () => {
  const { workspace } = await repository(storage).load(0);
  expect(readWorkspaceFile(file).workspace).toEqual(workspace);
});

describe('what version 2 stored', () => {
  const opened = async (old = memory(version(2).stored)) => {
    const store = createWorkspaceStore({ repository: repository(old), now: () => 9000 });
    await store.open();
    return { store, old };
  };

  test('opens with categories that are records, in the colours they had, and origins of a kind', async () => {
    const { workspace, notices } = (await opened()).store.getState();
    expect(notices).toEqual([]);
    expect(categoriesOf(workspace).map(({ id, name, hue }) => [id, name, hue])).toEqual([
      ['Fieldwork', 'Fieldwork', 'reed'],
      ['Office', 'Office', 'brook'],
      ['Permits', 'Permits', 'iris'],
      ['Writing', 'Writing', 'berry'],
    ]);
    expect(workspace.tasks.get('report')?.category).toBe('Writing');
    expect(workspace.settings.leftOut.categories).toEqual(['Writing']);
    expect(workspace.tasks.get('c/licence')?.origin).toMatchObject({ kind: 'calendarFile', uid: 'licence' });
    expect(readWorkspaceFile(version(2).file).workspace).toEqual(workspace);
  });

  test('is written in its new parts at once, so that nothing lies in two places', async () => {
    const { store, old } = await opened();
    await store.flush();
    expect(JSON.parse(old.stored['part:tasks/open'] ?? '')).toMatchObject({ content: [] });
    expect(old.writes).toHaveLength(1);
    store.run(deleteTask, { id: 'report', at: 0 });
    await store.flush();
    const { workspace } = (await opened(memory(old.stored))).store.getState();
    expect(workspace.tasks.has('report')).toBe(false);
    expect(workspace.tasks.size).toBe(3);
    expect(workspace.categories.size).toBe(4);
  });
});

test('working hours of older settings become the zones of a first frame, and are told there no more', async () => {
  const older = version(2).stored;
  const settings = JSON.parse(older['part:settings'] ?? '');
  const hours = [
    { from: '08:00', to: '12:30' },
    null,
    ...Array(4).fill({ from: '10:00', to: '16:00' }),
    null,
  ];
  settings.content.workingHours = hours;
  const storage = memory({ ...older, 'part:settings': JSON.stringify(settings) });
  const store = createWorkspaceStore({ repository: repository(storage), now: () => 9000 });
  await store.open();
  const { workspace } = store.getState();
  const zones = workspace.frames.values().flatMap((frame) => frame.zones);
  expect(zones.map(({ kind, days, from, minutes }) => [kind, days, from / 60, minutes / 60])).toEqual([
    ['work', [1], 8, 4.5],
    ['work', [3, 4, 5, 6], 10, 6],
  ]);
  expect(workspace.settings).not.toHaveProperty('workingHours');
  await store.flush();
  expect(JSON.parse(storage.stored['part:settings'] ?? '').version).toBe(3);
  expect(JSON.parse(storage.stored['part:frames/all'] ?? '').content).toMatchObject([{ name: 'My week' }]);
});

describe('what a later build stored', () => {
  const task = { ...waders, rank: 0, mood: 'high' };
  const later = () =>
    memory({
      'part:tasks/open-2c': JSON.stringify({ version: 3, content: [task] }),
      'part:shelves/all': JSON.stringify({ version: 7, content: [{ id: 'f', zones: [] }] }),
      'part:lists/all': JSON.stringify({
        version: 2,
        content: [{ ...firstList, shared: { with: 'Ines' } }],
      }),
      'part:settings': JSON.stringify({ version: 2, content: { ...defaultSettings, sounds: true } }),
      'part:odd': 'neither one thing nor the other',
    });
  const opened = async (storage = later()) => {
    const store = createWorkspaceStore({ repository: repository(storage), now: () => 9000 });
    await store.open();
    return store;
  };

  test('opens without complaint, and what is not known is written back as it came', async () => {
    const storage = later();
    const before = { ...storage.stored };
    const store = await opened(storage);
    expect(store.getState()).toMatchObject({ unsaved: null, notices: [], setAside: [] });
    store.run(editTask, { id: 'a', title: 'Order boots' });
    store.run(editList, { id: firstList.id, name: 'Office' });
    store.run(changeSettings, { clock: 12 });
    await store.flush();
    const read = (key: string) => JSON.parse(storage.stored[`part:${key}`] ?? 'null');
    expect(read('tasks/open-2c').content).toMatchObject([{ title: 'Order boots', mood: 'high' }]);
    expect(read('lists/all').content).toMatchObject([{ name: 'Office', shared: { with: 'Ines' } }]);
    expect(read('settings').content).toMatchObject({ clock: 12, sounds: true });
    expect(storage.stored['part:shelves/all']).toBe(before['part:shelves/all']);
    expect(storage.stored['part:odd']).toBe(before['part:odd']);
  });

  test('goes out in the workspace file and comes in again elsewhere, to be stored as it was', async () => {
    const text = writeWorkspaceFile((await opened()).getState().workspace);
    expect(JSON.parse(text)).toMatchObject({ versions: { shelves: 7 }, shelves: [{ id: 'f', zones: [] }] });
    const elsewhere = memory();
    const store = await opened(elsewhere);
    store.run(replaceEverything, readWorkspaceFile(text).workspace);
    await store.flush();
    expect(JSON.parse(elsewhere.stored['part:shelves/all'] ?? '')).toEqual({
      version: 7,
      content: [{ id: 'f', zones: [] }],
    });
    store.undo();
    await store.flush();
    expect(JSON.parse(elsewhere.stored['part:shelves/all'] ?? '').content).toEqual([]);
  });
});

test('what lies under the name of something that every object has is kept, and everything opens', async () => {
  const text = '{"version":1,"content":[]}';
  const names = Object.getOwnPropertyNames(Object.prototype);
  const stored = Object.fromEntries(names.map((name) => [`part:${name}/all`, text]));
  const store = await opened(memory(stored));
  expect(store.getState()).toMatchObject({ unsaved: null, setAside: [] });
  store.run(addTask, waders);
  await store.flush();
  expect(ids(store)).toEqual(['a']);
});
