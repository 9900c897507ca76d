import * as fc from 'fast-check';
import { runs } from '@/core/fixtures/runs';
import { addTask } from '@/core/commands/tasks';
import { ids, memory, opened, waders } from '../fixtures/memory';
import type { Files } from './files';
import { secondHome } from './secondHome';
import { twoHomes } from './twoHomes';

/** Files that last as long as the test. */
function filesInMemory() {
  const held = new Map<string, string>();
  const files: Files = {
    names: async () => [...held.keys()],
    async read(name, bytes) {
      const text = held.get(name);
      if (text === undefined) throw new Error('no such file');
      return bytes === undefined ? text : text.slice(0, bytes);
    },
    write: async (name, text) => void held.set(name, text),
    remove: async (name) => void held.delete(name),
  };
  return { ...files, held };
}

/** A tab with both homes. */
function tab(first: ReturnType<typeof memory>, files: Files, me = 'me') {
  const second = secondHome(files, me, () => 1000);
  const mended: string[] = [];
  return { second, mended, homes: twoHomes(first, second, () => mended.push('yes')) };
}
const plenty = async () => true;

async function all(homes: ReturnType<typeof tab>['homes']) {
  const keys = await homes.getAllKeys();
  return homes.getMany(keys);
}

test('a space whose database was lost opens with everything, from the second home', async () => {
  const files = filesInMemory();
  const { homes, second } = tab(memory(), files);
  const store = await opened(homes);
  await homes.settle(plenty);
  store.run(addTask, waders);
  store.run(addTask, { ...waders, id: 'b' });
  await store.flush();
  await second.settled();
  const lost = memory();
  const again = tab(lost, files, 'again');
  expect(ids(await opened(again.homes)).sort()).toEqual(['a', 'b']);
  expect(again.mended).toEqual(['yes']);
  // and the first home has it, too
  expect(ids(await opened(tab(lost, filesInMemory()).homes)).sort()).toEqual(['a', 'b']);
});

test('an edit goes to the second home once, with a line more than to the first', async () => {
  const files = filesInMemory();
  const first = memory();
  const { homes, second } = tab(first, files);
  const store = await opened(homes);
  for (let i = 0; i < 50; i += 1) store.run(addTask, { ...waders, id: `task-${i}` });
  await store.flush();
  await homes.settle(plenty);
  const [stored, held] = [{ ...first.stored }, new Map(files.held)];
  store.run(addTask, waders);
  await store.flush();
  await second.settled();
  const written = Object.keys(first.stored).filter((key) => first.stored[key] !== stored[key]);
  const bytes = written.reduce((sum, key) => sum + (first.stored[key]?.length ?? 0), 0);
  const batches = [...files.held].filter(([name]) => !held.has(name));
  expect(batches.length).toBe(1);
  expect(batches[0]?.[1].length).toBeLessThan(bytes + 50 * written.length);
});

test('a part that is damaged is read from the second home', async () => {
  const [stored, files] = [memory(), filesInMemory()];
  const { homes, second } = tab(stored, files);
  const store = await opened(homes);
  store.run(addTask, waders);
  await store.flush();
  await second.settled();
  const key = Object.keys(stored.stored).find((each) => each.startsWith('part:tasks/'))!;
  stored.stored[key] = stored.stored[key]!.slice(0, 40);
  const again = await opened(tab(stored, files, 'again').homes);
  expect(ids(again)).toEqual(['a']);
  expect(again.getState().setAside).toEqual([]);
});

test('what no longer fits is written into the room that was held back', async () => {
  const [stored, files] = [memory({ 'part:tasks/open': '[]' }), filesInMemory()];
  const { homes } = tab(stored, files);
  await homes.settle(plenty);
  expect(files.held.has('reserve-1')).toBe(true);
  stored.full = true;
  const { remove } = files;
  files.remove = async (name) => {
    if (name === 'reserve-1') stored.full = false;
    await remove(name);
  };
  await tab(stored, files).homes.setMany({ 'part:tasks/open': '[1]' });
  expect(stored.stored['part:tasks/open']).toBe('[1]');
});

test('what could not be written is there when the tab is opened again, and is written once there is room', async () => {
  const [stored, files] = [memory(), filesInMemory()];
  const { homes, second } = tab(stored, files);
  await homes.setMany({ 'part:a': '1' });
  stored.full = true;
  await expect(homes.setMany({ 'part:a': '2', 'part:b': '3' })).rejects.toThrow('quota');
  await second.settled();
  const again = tab(stored, files, 'again').homes;
  expect(await all(again)).toEqual({ 'part:a': '2', 'part:b': '3' });
  stored.full = false;
  await again.setMany({ 'part:c': '4' });
  expect(stored.stored).toMatchObject({ 'part:a': '2', 'part:b': '3', 'part:c': '4' });
});

test('a batch that is cut counts for nothing, and the one before it holds', async () => {
  const [stored, files] = [memory({ 'part:a': '0' }), filesInMemory()];
  const { homes, second } = tab(stored, files);
  await homes.settle(plenty);
  const [name, text] = [...files.held].at(0)!;
  await homes.setMany({ 'part:a': 'longer' });
  await second.settled();
  files.held.set(name, text);
  const [latest] = [...files.held.keys()]
    .filter((each) => /^\d/.test(each))
    .sort()
    .slice(-1);
  files.held.set(latest!, files.held.get(latest!)!.slice(0, -1));
  expect(await all(tab(memory(), files, 'again').homes)).toEqual({ 'part:a': '0' });
});

test('what a page that was left at once had not brought to the second home comes there with the next', async () => {
  const [stored, files] = [memory(), filesInMemory()];
  const { homes } = tab(stored, files);
  await homes.settle(plenty);
  const write = files.write;
  files.write = async () => {
    throw new Error('the page is gone');
  };
  await homes.setMany({ 'part:a': '1' });
  files.write = write;
  const next = tab(stored, files, 'next').homes;
  await all(next);
  await next.settle(plenty);
  expect(await all(tab(memory(), files, 'again').homes)).toEqual({ 'part:a': '1' });
});

test('what is the same in both homes is not mended, whenever the second one was filled', async () => {
  const [stored, files] = [memory({ 'part:a': '0' }), filesInMemory()];
  const { homes, second } = tab(stored, files);
  await homes.setMany({ 'part:b': '1' });
  await second.settled();
  await homes.settle(plenty);
  const again = tab(stored, files, 'again');
  await all(again.homes);
  await again.homes.settle(plenty);
  const once = tab(stored, files, 'once more');
  await all(once.homes);
  expect([...again.mended, ...once.mended]).toEqual([]);
});

test('a batch that another tab is just writing is not taken for an empty one', async () => {
  const [stored, files] = [memory(), filesInMemory()];
  const { homes, second } = tab(stored, files);
  await homes.settle(plenty);
  files.held.set('000000000009000.other', '');
  await homes.settle(plenty);
  files.held.set('000000000009000.other', '{"part:b":1}\n7');
  await homes.setMany({ 'part:a': '1' });
  await homes.setMany({ 'part:a': '2' });
  await second.settled();
  expect(await all(tab(memory(), files, 'again').homes)).toEqual({ 'part:a': '2', 'part:b': '7' });
});

const key = fc.constantFrom('part:a', 'part:b', 'part:c', 'part:d');
const step = fc.oneof(
  fc.record({ kind: fc.constant('save' as const), entries: fc.dictionary(key, fc.string(), { minKeys: 1 }) }),
  fc.record({ kind: fc.constantFrom('lose' as const, 'fill' as const, 'empty' as const, 'open' as const) }),
);

test(
  'whatever is saved, lost, full and opened again: what was saved last is there, in few files',
  async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 30 }), async (steps) => {
        const [stored, files] = [memory(), filesInMemory()];
        const expected: Record<string, string> = {};
        let count = 0;
        let { homes, second } = tab(stored, files);
        await homes.settle(plenty);
        for (const each of steps) {
          if (each.kind === 'save') {
            Object.assign(expected, each.entries);
            await homes.setMany(each.entries).catch(() => undefined);
          }
          // its second home has everything by then
          if (each.kind !== 'save') await second.settled();
          if (each.kind === 'fill') stored.full = true;
          if (each.kind === 'empty') stored.full = false;
          if (each.kind === 'lose') for (const name of Object.keys(stored.stored)) delete stored.stored[name];
          if (each.kind !== 'lose' && each.kind !== 'open') continue;
          ({ homes, second } = tab(stored, files, `tab-${(count += 1)}`));
          expect(await all(homes)).toEqual(expected);
          await homes.settle(plenty);
        }
        await second.settled();
        expect(await all(tab(memory(), files).homes)).toEqual(expected);
        expect([...files.held.keys()].filter((name) => /^\d/.test(name)).length).toBeLessThanOrEqual(8);
      }),
      { numRuns: runs(100) },
    );
  },
  runs(20_000),
);
