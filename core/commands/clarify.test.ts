import * as fc from 'fast-check';
import { at, date, task, zone } from '../fixtures/make';
import type { Task } from '../model/task';
import { firstList, workspaceOf, type Workspace } from '../model/workspace';
import { estimated } from '../tasks/find';
import { inboxOn, isHidden, parkedTasks } from '../tasks/inbox';
import { dueOn, openOnes } from '../tasks/openTasks';
import { isWhole, partsOf, sittings, stepMinutes } from '../tasks/parts';
import { toPlace } from '../tasks/toPlace';
import { breakDown, clarify, hideUntil, park, putOff, takeUp } from './clarify';
import { placeTask, putInTray } from './plan';
import { deleteAll, editAll, tickOffAll } from './several';
import { editTask } from './tasks';

const now = at('11:20');
const tomorrow = '2026-11-25';
const captured = (id: string, changes: Partial<Task> = {}) =>
  task(id, { inbox: true, estimate: null, ...changes });
const office = (...tasks: Task[]): Workspace => workspaceOf({ tasks });
const names = (tasks: readonly Task[]) => tasks.map(({ id }) => id);
const waiting = (workspace: Workspace, today = date) => names(inboxOn(workspace, today));
const placeable = (workspace: Workspace, moment = now) =>
  names(toPlace(workspace, date, zone, moment)).sort();
const present = { now, zone };

test('what is captured waits in the inbox, oldest first, until a list, a date, a meeting or a place is given', () => {
  const workspace = office(
    captured('late', { createdAt: 2 }),
    captured('early', { createdAt: 1 }),
    task('filed'),
  );
  expect(waiting(workspace)).toEqual(['early', 'late']);
  const id = 'early';
  const ways = [
    editTask.apply(workspace, { id, listId: firstList.id }),
    editTask.apply(workspace, { id, due: { date: tomorrow, time: null } }),
    editTask.apply(workspace, { id, neededBy: { eventId: 'hearing', recurrence: '2026-11-25T10:30:00' } }),
    placeTask.apply(workspace, { id: 'block', taskId: id, start: at('14:00'), minutes: 30 }),
    putInTray.apply(workspace, { id: 'item', taskId: id, date }),
    park.apply(workspace, { ids: [id], until: null, ...present }),
    hideUntil.apply(workspace, { ids: [id], until: { date: tomorrow, time: null }, ...present }),
    tickOffAll.apply(workspace, { ids: [id], at: now }),
  ];
  expect(ways.map((after) => waiting(after))).toEqual(ways.map(() => ['late']));
  // a new title says nothing about where it belongs
  expect(waiting(editTask.apply(workspace, { id, title: 'Reworded' }))).toEqual(['early', 'late']);
});

test('deciding on a thing says all of it in one step and puts it into a tray', () => {
  const after = clarify.apply(office(captured('a')), {
    id: 'a',
    said: { listId: firstList.id, estimate: 30, due: { date: tomorrow, time: null }, steps: [] },
    lay: { trayId: 'item', date },
  });
  expect(after.tasks.get('a')).toMatchObject({ estimate: 30, due: { date: tomorrow } });
  expect(after.tray.get('item')).toMatchObject({ taskId: 'a', date });
  expect(waiting(after)).toEqual([]);
});

test('parked tasks leave the plan ahead and all lists; what lies behind stays; they come up on their day', () => {
  let workspace = office(task('a', { due: { date, time: null } }), task('b'));
  workspace = placeTask.apply(workspace, { id: 'past', taskId: 'a', start: at('08:00'), minutes: 30 });
  workspace = placeTask.apply(workspace, { id: 'ahead', taskId: 'a', start: at('15:00'), minutes: 30 });
  workspace = putInTray.apply(workspace, { id: 'item', taskId: 'a', date: tomorrow });
  const parked = park.apply(workspace, { ids: ['a'], until: '2026-12-01', ...present });
  expect(names(parked.blocks.values().map(({ id }) => task(id)))).toEqual(['past']);
  expect(parked.tray.size).toBe(0);
  expect(names(openOnes(parked, date, zone))).toEqual(['b']);
  expect(names(parkedTasks(parked))).toEqual(['a']);
  expect([dueOn(workspace, date, zone), dueOn(parked, date, zone)].map(names)).toEqual([['a'], []]);
  expect([waiting(parked), waiting(parked, '2026-11-30'), waiting(parked, '2026-12-01')]).toEqual([
    [],
    [],
    ['a'],
  ]);
  expect(placeable(takeUp.apply(parked, { ids: ['a'] }))).toEqual(['a', 'b']);
});

test('what is hidden until an hour comes back by itself at that hour, and a moment that has passed is refused', () => {
  const until = { date, time: '14:00' };
  const hidden = hideUntil.apply(office(task('a')), { ids: ['a'], until, ...present });
  expect(placeable(hidden)).toEqual([]);
  expect(placeable(hidden, at('14:00'))).toEqual(['a']);
  expect(isHidden(task('b', { notBefore: until }), zone, at('13:59'))).toBe(true);
  expect(() => hideUntil.apply(hidden, { ids: ['a'], until: { date, time: '11:00' }, ...present })).toThrow(
    'has passed',
  );
});

test('tasks that are put off leave their places ahead for the tray of a day, or its hours one after the other', () => {
  const two = office(task('a'), task('b', { estimate: 30 }));
  const workspace = placeTask.apply(two, { id: 'block', taskId: 'a', start: at('15:00'), minutes: 60 });
  const ids = ['a', 'b'];
  const newIds = ['one', 'two'];
  const laid = putOff.apply(workspace, { ids, newIds, to: { date: tomorrow, time: null }, ...present });
  expect(laid.blocks.size).toBe(0);
  expect(laid.tray.values().map((item) => [item.taskId, item.date])).toEqual([
    ['a', tomorrow],
    ['b', tomorrow],
  ]);
  const placed = putOff.apply(workspace, { ids, newIds, to: { date: tomorrow, time: '09:00' }, ...present });
  expect(placed.blocks.values().map(({ start, minutes }) => [start, minutes])).toEqual([
    [at('09:00', tomorrow), 60],
    [at('10:00', tomorrow), 30],
  ]);
  expect(() =>
    putOff.apply(workspace, { ids, newIds, to: { date: '2026-11-23', time: null }, ...present }),
  ).toThrow('has passed');
});

test('several tasks get the same words in one step; what is not said stays', () => {
  const workspace = office(task('a', { estimate: 20 }), task('b', { priority: 'low' }));
  const after = editAll.apply(workspace, {
    ids: ['a', 'b'],
    said: { priority: 'high', categoryName: 'Fieldwork' },
    lay: { date, newIds: ['one', 'two'] },
  });
  expect(after.tasks.values().map(({ priority, estimate }) => [priority, estimate])).toEqual([
    ['high', 20],
    ['high', 60],
  ]);
  expect(after.categories.size).toBe(1);
  expect(after.tray.size).toBe(2);
  expect(deleteAll.apply(after, { ids: ['a', 'b'], at: now }).tray.size).toBe(0);
});

test('a task that is broken down is the sum of its parts while some are open', () => {
  const whole = task('report', { estimate: 100, due: { date: tomorrow, time: null }, priority: 'high' });
  const lengths = sittings(100, 45);
  const parts = lengths.map((estimate, i) => ({ id: `part-${i}`, title: `Report, ${i + 1}`, estimate }));
  const broken = breakDown.apply(office(whole), { id: 'report', parts, steps: [], at: now });
  expect(names(partsOf(broken, 'report'))).toEqual(['part-0', 'part-1', 'part-2']);
  expect(broken.tasks.get('part-1')).toMatchObject({ due: { date: tomorrow }, priority: 'high' });
  expect(placeable(broken)).toEqual(['part-0', 'part-1', 'part-2']);
  expect(estimated(openOnes(broken, date, zone))).toBe(100);
  const done = tickOffAll.apply(broken, { ids: parts.map(({ id }) => id), at: now });
  expect(isWhole(done, 'report')).toBe(false);
  expect(placeable(done)).toEqual(['report']);
  // parts outlive the whole that is deleted
  const left = deleteAll.apply(broken, { ids: ['report'], at: now });
  expect(left.tasks.get('part-0')?.partOf).toBeUndefined();
  expect(stepMinutes([{ id: 's', title: 's', doneAt: null, estimate: 5 }])).toBe(5);
});

test('sittings add up to the whole, none is longer than asked, and only the last may be shorter', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 3000 }), fc.integer({ min: 1, max: 300 }), (minutes, each) => {
      const lengths = sittings(minutes, each);
      expect(lengths.reduce((sum, length) => sum + length, 0)).toBe(minutes);
      expect(lengths.slice(0, -1).every((length) => length === each)).toBe(true);
      expect(lengths.every((length) => length > 0 && length <= each)).toBe(true);
    }),
  );
});
