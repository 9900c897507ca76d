import { placeAll, placeTask, moveBlock, putInTray, takeBlockOff } from '@/core/commands/plan';
import { setCapacity } from '@/core/commands/frames';
import { editTask, addTask, tickOff } from '@/core/commands/tasks';
import { memory, opened, waders } from './fixtures/memory';
import { shownOf } from './trial';

const block = { id: 'b', taskId: 'a', start: 3_600_000, minutes: 30 };
async function office() {
  const storage = memory();
  const store = await opened(storage);
  store.run(addTask, waders);
  store.run(putInTray, { id: 't', taskId: 'a', date: '1970-01-01' });
  return { store, storage, shown: () => shownOf(store.getState()), real: () => store.getState().workspace };
}

test('what is tried out is shown, changed and undone like everything, and does not count until it is accepted', async () => {
  const { store, storage, shown, real } = await office();
  await store.flush();
  const stored = JSON.stringify(storage.stored);
  store.tryOut('A plan');
  store.run(placeAll, { places: [{ ...block, trayId: 't' }] });
  store.run(moveBlock, { id: 'b', start: 7_200_000, minutes: 45 });
  expect(shown().blocks.get('b')).toMatchObject({ start: 7_200_000, minutes: 45 });
  store.undo();
  expect(shown().blocks.get('b')).toMatchObject({ start: 3_600_000, minutes: 30 });
  store.redo();
  expect(real().blocks.size).toBe(0);
  await store.flush();
  expect(JSON.stringify(storage.stored)).toBe(stored);
  store.accept('accept the plan', 'Accepted');
  expect(real().blocks.get('b')).toMatchObject({ start: 7_200_000 });
  expect(real().tray.size).toBe(0);
  // one step, whatever was changed on trial
  store.undo();
  expect([real().blocks.size, real().tray.size]).toEqual([0, 1]);
});

test('what is not of the plan counts at once, and what was tried out stays on top of it', async () => {
  const { store, shown, real } = await office();
  store.tryOut('A plan');
  store.run(placeTask, block);
  store.run(editTask, { id: 'a', title: 'Order two waders' });
  store.run(tickOff, { id: 'a', at: 1 });
  expect(real().tasks.get('a')).toMatchObject({ title: 'Order two waders', doneAt: 1 });
  expect(shown().tasks.get('a')?.title).toBe('Order two waders');
  expect(shown().blocks.has('b')).toBe(true);
  store.leaveTrial();
  expect(shown()).toBe(real());
  expect(real().blocks.size).toBe(0);
});

test('a part of it is accepted, and the rest stays on trial; what was taken off leaves nothing behind', async () => {
  const { store, shown, real } = await office();
  store.tryOut('A plan');
  store.run(placeAll, {
    places: [
      { ...block, trayId: 't' },
      { ...block, id: 'c' },
      { ...block, id: 'd' },
    ],
  });
  store.run(takeBlockOff, { id: 'd' });
  store.accept('accept a block', 'Accepted', ['b']);
  expect(
    real()
      .blocks.values()
      .map(({ id }) => id),
  ).toEqual(['b']);
  expect(real().tray.size).toBe(0);
  expect(
    shown()
      .blocks.values()
      .map(({ id }) => id)
      .sort(),
  ).toEqual(['b', 'c']);
  store.accept('accept the plan', 'Accepted');
  expect(real().blocks.size).toBe(2);
  expect(
    real()
      .deletions.values()
      .map(({ of }) => of),
  ).toEqual(['t']);
});

test('of what would be hours, estimates and the plan are tried out; what is noted or done counts at once', async () => {
  const { store, shown, real } = await office();
  store.run(addTask, { ...waders, id: 'other' });
  store.tryOut('What if', 'whatIf');
  store.run(setCapacity, { date: '1970-01-01', minutes: 120 });
  store.run(editTask, { id: 'a', estimate: 90 });
  expect([shown().tasks.get('a')?.estimate, real().tasks.get('a')?.estimate]).toEqual([90, 20]);
  expect([shown().dayCapacities.size, real().dayCapacities.size]).toEqual([1, 0]);
  store.run(addTask, { ...waders, id: 'new' });
  store.run(tickOff, { id: 'other', at: 1 });
  expect(real().tasks.get('new')).toBeDefined();
  expect(real().tasks.get('other')?.doneAt).toBe(1);
  store.undo();
  expect([shown().tasks.get('a')?.estimate, shown().dayCapacities.size]).toEqual([20, 1]);
  store.accept('what was tried', 'It counts now');
  expect(real().dayCapacities.size).toBe(1);
});
