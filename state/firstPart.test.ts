import * as fc from 'fast-check';
import { runs } from '@/core/fixtures/runs';
import { deleteRecord } from '@/core/commands/command';
import { moveBlock } from '@/core/commands/plan';
import { addTask, editTask, tickOff } from '@/core/commands/tasks';
import { replaceEverything } from '@/core/commands/merging';
import { emptyWorkspace, workspaceOf } from '@/core/model/workspace';
import { instantOf } from '@/core/time/zone';
import { longHistory } from '@/demo/tenYears';
import { memory, waders } from './fixtures/memory';
import { neededFor } from './needed';
import { changedPartitions } from './partitions';
import { repository, type KeyValue } from './repository';
import { createWorkspaceStore } from './store';

const zone = 'Europe/London';
const now = instantOf('2026-11-24T11:20', zone);
const today = longHistory({ seed: 3, now, zone, days: 150 });
/** A task of today that was planned, and worked on, in summer too. */
const old = today.tasks.values()[0] ?? waders;
const summer = instantOf('2026-07-03T09:00', zone);
const history = {
  ...today,
  blocks: today.blocks.with([{ id: 'summer', taskId: old.id, start: summer, minutes: 60 }]),
};

const saved = memory();
beforeAll(() => repository(saved).save(history, changedPartitions(null, history)));
const disk = () => memory({ ...saved.stored });

/** A tab whose storage gives what is needed first, and holds back everything else until `go`. */
function opening(storage: ReturnType<typeof memory>) {
  let go: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (go = resolve));
  let asked = 0;
  const slow: KeyValue = {
    ...storage,
    async getMany(keys) {
      asked += 1;
      if (asked > 1) await held;
      return storage.getMany(keys);
    },
  };
  const store = createWorkspaceStore({ repository: repository(slow), now: () => now });
  const whole = store.open(undefined, neededFor(now, []));
  const finish = async () => {
    go();
    await whole;
    await store.flush();
    return store.getState().workspace;
  };
  return { store, finish };
}

const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

test('the present day stands before the rest has been read, and then everything does', async () => {
  const { store, finish } = opening(disk());
  await settled();
  expect(store.getState().opening).toBe(false);
  const first = store.getState().workspace;
  expect(first.blocks.get('summer')).toBeUndefined();
  expect(first.blocks.parts.get('2026-11')).toEqual(history.blocks.parts.get('2026-11'));
  expect(await finish()).toEqual(history);
  // what was drawn is not worked out anew
  expect(store.getState().workspace.blocks.parts.get('2026-11')).toBe(first.blocks.parts.get('2026-11'));
});

test('a task that is deleted meanwhile takes its old blocks along, and undo brings all of it back', async () => {
  const storage = disk();
  const { store, finish } = opening(storage);
  await settled();
  store.run(deleteRecord, { part: 'tasks', id: old.id }, 'Deleted');
  expect(storage.writes).toEqual([]);
  const workspace = await finish();
  expect(workspace.blocks.get('summer')).toBeUndefined();
  store.undo(store.getState().notices.at(-1)?.step);
  expect(store.getState().workspace.blocks.get('summer')).toBeDefined();
  expect(store.getState().workspace.tasks.get(old.id)).toMatchObject({ title: old.title });
});

test(
  'whatever is done meanwhile comes to the same as on all of it, here and on the disk',
  async () => {
    const block = today.blocks.values()[0];
    if (!block) throw new Error('there are blocks');
    type Store = ReturnType<typeof opening>['store'];
    const acts: ((store: Store, n: number) => unknown)[] = [
      (store, n) => store.run(addTask, { ...waders, id: `n${n}` }),
      (store, n) => store.run(editTask, { id: old.id, title: `Title ${n}` }),
      (store, n) => store.run(editTask, { id: `n${n - 1}`, title: 'Renamed' }),
      (store) => store.run(tickOff, { id: old.id, at: now }),
      (store, n) => store.run(moveBlock, { id: block.id, start: summer + n * 3_600_000 }),
      (store) => store.run(deleteRecord, { part: 'tasks', id: old.id }),
      (store) => store.run(replaceEverything, workspaceOf({ tasks: [{ ...waders, rank: 0 }] })),
      (store) => store.undo(),
      (store) => store.redo(),
    ];
    await fc.assert(
      fc.asyncProperty(fc.array(fc.nat(acts.length - 1), { maxLength: 12 }), async (chosen) => {
        const doAll = (store: Store) => chosen.forEach((act, n) => acts[act]?.(store, n));
        const early = opening(disk());
        await settled();
        doAll(early.store);
        const one = await early.finish();
        const late = opening(disk());
        await late.finish();
        doAll(late.store);
        await late.store.flush();
        expect(one).toEqual(late.store.getState().workspace);
        expect(early.store.getState().past.map(({ label }) => label)).toEqual(
          late.store.getState().past.map(({ label }) => label),
        );
      }),
      { numRuns: runs(25), endOnFailure: true },
    );
  },
  runs(60_000),
);

test('what cannot be read later is said, and nothing is overwritten', async () => {
  const storage = disk();
  storage.stored['part:entries/2026-08'] = '{"version":99,"content":[]}';
  const { store, finish } = opening(storage);
  await settled();
  store.run(addTask, waders);
  expect(await finish()).toEqual(emptyWorkspace);
  expect(store.getState().unsaved).toContain('later version');
  expect(storage.writes).toEqual([]);
});
