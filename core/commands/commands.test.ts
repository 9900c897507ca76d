import * as fc from 'fast-check';
import { emptyWorkspace, firstList, type Workspace } from '../model/workspace';
import { newTask } from '../tasks/newTask';
import { inOrder } from '../tasks/order';
import { runningEntry } from '../track/entries';
import { applyChanges, changesBetween, reversed } from './changes';
import { CommandFailed } from './command';
import { moveBlock, placeTask, putInTray, takeBlockOff } from './plan';
import { addList, deleteList } from './lists';
import { addTask, deleteTask, editTask, reopen, reorderTask, tickOff } from './tasks';
import { addEntry, startTimer, stopTimer } from './track';

const task = (id: string) =>
  newTask({ id, title: `Task ${id}`, listId: firstList.id, estimate: 60, createdAt: 0 });
const withTasks = ['a', 'b', 'c'].reduce((w, id) => addTask.apply(w, task(id)), emptyWorkspace);
const HOUR = 3_600_000;
const ids = (collection: Workspace['blocks'] | Workspace['tray']) => collection.values().map(({ id }) => id);

const anyStep = fc
  .tuple(fc.nat(9), fc.constantFrom('a', 'b', 'c'), fc.nat(100))
  .map(([kind, id, n]) => (w: Workspace): Workspace => {
    const start = n * HOUR;
    const steps: (() => Workspace)[] = [
      () => editTask.apply(w, { id, title: `Renamed ${n}` }),
      () => tickOff.apply(w, { id, at: start }),
      () => reopen.apply(w, { id }),
      () => placeTask.apply(w, { id: `block ${id}`, taskId: id, start, minutes: 30 + n }),
      () => moveBlock.apply(w, { id: `block ${id}`, start }),
      () => moveBlock.apply(w, { id: `block ${id}`, start, minutes: n }),
      () => putInTray.apply(w, { id: `tray ${n}`, taskId: id, date: '2026-11-24', blockId: `block ${id}` }),
      () => startTimer.apply(w, { id: `entry ${n}`, subject: { kind: 'task', taskId: id }, at: start }),
      () => deleteTask.apply(w, { id, at: start }),
      () => reorderTask.apply(w, { id, before: 'b', after: null }),
    ];
    try {
      return steps[kind]?.() ?? w;
    } catch (error) {
      if (error instanceof CommandFailed) return w;
      throw error;
    }
  });

test('undoing and redoing any sequence of commands gives back exactly what was there', () => {
  fc.assert(
    fc.property(fc.array(anyStep, { maxLength: 20 }), (steps) => {
      const done = steps.reduce((w, step) => step(w), withTasks);
      const changes = changesBetween(withTasks, done);
      expect(applyChanges(done, reversed(changes))).toEqual(withTasks);
      expect(applyChanges(withTasks, changes)).toEqual(done);
      expect(done.entries.values().filter(({ to }) => to === null).length).toBeLessThanOrEqual(1);
      expect(done.blocks.values().every(({ taskId, minutes }) => done.tasks.has(taskId) && minutes > 0)).toBe(
        true,
      );
    }),
  );
});

test('undo of one step leaves a later change of something else alone', () => {
  const renamed = editTask.apply(withTasks, { id: 'a', title: 'Count gauges' });
  const both = editTask.apply(renamed, { id: 'b', title: 'Order waders' });
  const undone = applyChanges(both, reversed(changesBetween(withTasks, renamed)));
  expect([undone.tasks.get('a')?.title, undone.tasks.get('b')?.title]).toEqual(['Task a', 'Order waders']);
});

test('a task moved between two others stands there in the own order', () => {
  const moved = reorderTask.apply(withTasks, { id: 'a', before: 'c', after: 'b' });
  expect(inOrder(moved.tasks.values(), 'own', moved.events, 'UTC').map(({ id }) => id)).toEqual([
    'c',
    'a',
    'b',
  ]);
});

test('starting a timer stops the other at the same moment, and ticking off stops it', () => {
  const workspace = startTimer.apply(withTasks, { id: '1', subject: { kind: 'task', taskId: 'a' }, at: 0 });
  const two = startTimer.apply(workspace, { id: '2', subject: { kind: 'task', taskId: 'b' }, at: HOUR });
  expect(two.entries.get('1')?.to).toBe(HOUR);
  const ticked = tickOff.apply(two, { id: 'b', at: 2 * HOUR });
  expect(ticked.entries.get('2')?.to).toBe(2 * HOUR);
  expect(runningEntry(ticked.entries)).toBeUndefined();
  expect(() => stopTimer.apply(ticked, { at: 3 * HOUR })).toThrow('No timer is running.');
});

test('time that ends before it starts is refused', () => {
  expect(() =>
    addEntry.apply(withTasks, { id: 'x', subject: { kind: 'other', title: 'Pump' }, from: HOUR, to: HOUR }),
  ).toThrow(CommandFailed);
});

test('a task taken off the plan stays in its list, and moves between block and tray without being doubled', () => {
  const placed = placeTask.apply(withTasks, { id: 'block', taskId: 'a', start: 0, minutes: 60 });
  const trayed = putInTray.apply(placed, { id: 't', taskId: 'a', date: '2026-11-24', blockId: 'block' });
  expect([ids(trayed.blocks), ids(trayed.tray)]).toEqual([[], ['t']]);
  const back = placeTask.apply(trayed, { id: 'block', taskId: 'a', start: 0, minutes: 60, trayId: 't' });
  expect([ids(back.blocks), ids(back.tray)]).toEqual([['block'], []]);
  expect(takeBlockOff.apply(back, { id: 'block' }).tasks.get('a')).toBeDefined();
});

test('a deleted list hands its tasks over, and the last list stays', () => {
  const two = addList.apply(withTasks, { id: 'grants', name: 'Grants', hue: 'iris', icon: 'pen' });
  const moved = deleteList.apply(two, { id: firstList.id, tasksTo: 'grants' });
  expect(moved.tasks.values().every(({ listId }) => listId === 'grants')).toBe(true);
  expect(() => deleteList.apply(moved, { id: 'grants', tasksTo: 'grants' })).toThrow(
    'The last list cannot be deleted.',
  );
});
