import * as fc from 'fast-check';
import { runs } from '@/core/fixtures/runs';
import { changeSettings } from '@/core/commands/calendar';
import { addTask, deleteTask, editTask } from '@/core/commands/tasks';
import { addEntry, editEntry, startTimer, stopTimer } from '@/core/commands/track';
import { collectionNames } from '@/core/model/records';
import { runningEntries } from '@/core/track/entries';
import { ids, memory, opened, waders as task } from './fixtures/memory';
import { network } from './fixtures/network';
import type { KeyValue } from './repository';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** Tabs that hear each other only when `deliver` is called, as if both edited at the same moment. */
async function twoTabs(storage: KeyValue = memory()) {
  let time = 1000;
  const { tab, deliver } = network(storage, () => (time += 1));
  const [one, two] = [tab(), tab()];
  await one.open();
  await two.open();
  const both = () => [one, two].map((store) => store.getState().workspace.tasks.get('a'));
  return { one, two, deliver, both };
}

test('a change in one tab shows in another, and edits of different things both survive', async () => {
  const storage = memory();
  const { one, two, deliver } = await twoTabs(storage);
  one.run(addTask, task);
  two.run(addTask, { ...task, id: 'b' });
  deliver();
  expect([ids(one).sort(), ids(two).sort()]).toEqual([
    ['a', 'b'],
    ['a', 'b'],
  ]);
  await Promise.all([one.flush(), two.flush()]);
  expect(ids(await opened(storage)).sort()).toEqual(['a', 'b']);
});

test('a tab that opens while another has a change that is not on disk yet gets it, and does not undo it', async () => {
  const storage = memory();
  const { tab, deliver } = network(storage, () => 1000);
  const [old, young] = [tab(), tab()];
  await old.open();
  old.run(addTask, task);
  await old.flush();
  old.run(editTask, { id: 'a', estimate: 45 }); // not written when the other begins to read
  const reading = young.open();
  old.run(editTask, { id: 'a', title: 'Order boots' }); // told while it reads
  deliver();
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
  const { one, two, deliver, both } = await twoTabs();
  one.run(addTask, task);
  deliver();
  one.run(editTask, { id: 'a', title: 'Order boots' });
  two.run(editTask, { id: 'a', estimate: 45 });
  deliver();
  expect(both()).toMatchObject([
    { title: 'Order boots', estimate: 45 },
    { title: 'Order boots', estimate: 45 },
  ]);
  two.run(editTask, { id: 'a', title: 'Order nets' });
  one.run(editTask, { id: 'a', title: 'Order ropes' });
  deliver();
  expect(both()).toMatchObject([{ title: 'Order ropes' }, { title: 'Order ropes' }]);
});

test('undo takes back one’s own edit and leaves what another tab has changed since', async () => {
  const { one, two, deliver, both } = await twoTabs();
  one.run(addTask, task);
  one.run(editTask, { id: 'a', title: 'Order boots', priority: 'high' });
  deliver();
  two.run(editTask, { id: 'a', title: 'Order nets' });
  deliver();
  one.undo();
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
  const { one, two, deliver } = await twoTabs();
  one.run(addTask, task);
  one.run(editTask, { id: 'a', title: 'Order boots' });
  deliver();
  two.run(editTask, { id: 'a', title: 'Order nets' });
  deliver();
  one.undo();
  expect(one.getState().notices.at(-1)?.text).toContain('had been changed elsewhere');
});

test('deleted in one tab and edited in another at once: the later of the two holds, in both', async () => {
  const { one, two, deliver, both } = await twoTabs();
  one.run(addTask, task);
  deliver();
  one.run(deleteTask, { id: 'a', at: 1 });
  two.run(editTask, { id: 'a', title: 'Order boots' });
  deliver();
  expect(both()).toMatchObject([{ title: 'Order boots' }, { title: 'Order boots' }]);
  two.run(editTask, { id: 'a', title: 'Order nets' });
  one.run(deleteTask, { id: 'a', at: 2 });
  deliver();
  expect(both()).toEqual([undefined, undefined]);
});

test('of timers that two tabs start at once the later one runs on', async () => {
  const { one, two, deliver } = await twoTabs();
  one.run(startTimer, { id: 'weir', subject: { kind: 'other', title: 'Weir' }, at: 2000 });
  two.run(startTimer, { id: 'ford', subject: { kind: 'other', title: 'Ford' }, at: 2020 });
  deliver();
  for (const { entries } of [one, two].map((store) => store.getState().workspace)) {
    expect(entries.get('weir')?.to).toBe(2020);
    expect(entries.get('ford')?.to).toBeNull();
  }
});

type Tab = Awaited<ReturnType<typeof opened>>;
const subject = { kind: 'other', title: 'Weir' } as const;
const DAY = 86_400_000;
const HOUR = DAY / 6;
let made = 0;
const acts: readonly ((tab: Tab, id: string, n: number) => void)[] = [
  (tab, id) => tab.run(addTask, { ...task, id }),
  (tab, id, n) => tab.run(editTask, { id, title: `Title ${n}` }),
  (tab, id, n) => tab.run(editTask, { id, estimate: 1 + (n % 90), notes: `Note ${n}` }),
  (tab, id, n) => tab.run(editTask, { id, due: n % 2 ? { date: '2026-11-24', time: null } : null }),
  (tab, id, n) => tab.run(deleteTask, { id, at: n }),
  (tab, _, n) => tab.run(startTimer, { id: `timer ${(made += 1)}`, subject, at: ((n * 7919) % 211) * HOUR }),
  (tab, _, n) => tab.run(stopTimer, { at: ((n * 7907) % 211) * HOUR + 500 }),
  (tab, id, n) => tab.run(addEntry, { id: `time ${id}`, subject, from: n * HOUR, to: n * HOUR + 9 }),
  (tab, id, n) =>
    tab.run(editEntry, {
      id: `time ${id}`,
      from: ((n * 7901) % 211) * DAY,
      to: ((n * 7901) % 211) * DAY + 5,
    }),
  (tab, _, n) => tab.run(changeSettings, { theme: n % 2 ? 'dark' : 'light' }),
  (tab, _, n) => tab.run(changeSettings, { weekStart: 1 + (n % 7) }),
  (tab) => tab.undo(),
  (tab) => tab.redo(),
  (tab) => void tab.flush(),
];
const anyEdit = fc.record({
  tab: fc.nat(2),
  act: fc.constantFrom(...acts),
  id: fc.constantFrom('a', 'b', 'c', 'd'),
  /** How far the clock goes meanwhile; it can be set back. */
  later: fc.integer({ min: -3, max: 8 }),
  /** What becomes of messages that wait: which is taken first, how many arrive, and whether one comes twice. */
  first: fc.nat(50),
  arrive: fc.nat(4),
  twice: fc.boolean(),
});

/** All that a workspace holds, in an order of its own. */
const written = ({ settings, ...rest }: ReturnType<Tab['getState']>['workspace']) =>
  JSON.stringify([
    settings,
    collectionNames.map((name) =>
      [...rest[name].values()]
        .map((record) => JSON.stringify(Object.entries(record).sort(([a], [b]) => (a < b ? -1 : 1))))
        .sort(),
    ),
  ]);

test(
  'three tabs and the disk agree in the end, however their messages are late, crossed and doubled',
  async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyEdit, { minLength: 200, maxLength: 200 }), async (edits) => {
        let time = 10_000;
        const storage = memory();
        const { tab, post, deliver } = network(storage, () => time);
        const tabs = [tab(), tab(), tab()];
        for (const each of tabs) await each.open();
        deliver();
        for (const [n, { tab: at, act, id, later, first, arrive, twice }] of edits.entries()) {
          time += later;
          act(tabs[at] as Tab, id, n); // one of three
          for (let i = 0; i < arrive && post.length > 0; i += 1) {
            const [letter] = post.splice((first * (i + 1)) % post.length, 1);
            letter?.();
            if (twice && letter) post.push(letter);
          }
          if (n % 20 === 0) await jest.advanceTimersByTimeAsync(200);
        }
        deliver();
        await jest.advanceTimersByTimeAsync(1000);
        const disk = await opened(storage);
        const [one, ...others] = [...tabs, disk].map((each) => each.getState().workspace);
        expect(others.map(written)).toEqual(others.map(() => written(one as never)));
        expect(runningEntries(disk.getState().workspace.entries).length).toBeLessThan(2);
      }),
      { numRuns: runs(15), endOnFailure: true },
    );
  },
  runs(100_000),
);
