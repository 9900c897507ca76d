import * as fc from 'fast-check';
import { placeTask } from '../commands/plan';
import { editTask } from '../commands/tasks';
import { addEntry } from '../commands/track';
import { plainEvent } from '../model/event';
import type { Task } from '../model/task';
import { firstList, workspaceOf } from '../model/workspace';
import { instantOf } from '../time/zone';
import { shortfallOn, shortfallWords } from './shortfall';

const zone = 'Europe/London';
const at = (wall: string) => instantOf(`2026-11-${wall}`, zone);
const now = at('24T15:00');
const task = (id: string, estimate: number, changes: Partial<Task>): Task => ({
  id,
  title: id,
  notes: '',
  listId: firstList.id,
  estimate,
  priority: 'normal',
  due: null,
  doneAt: null,
  createdAt: 0,
  rank: 0,
  ...changes,
});
const hearing = {
  ...plainEvent,
  id: 'c/x',
  calendarId: 'c',
  uid: 'x',
  title: 'Weir hearing',
  start: { wall: '2026-11-25T11:00:00', zone },
  length: { days: 0, seconds: 7200 },
};
const neededBy = { eventId: 'c/x', recurrence: '2026-11-25T11:00:00' };
const office = (tasks: Task[]) =>
  workspaceOf({
    tasks,
    events: [hearing],
    calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  });
const short = (workspace: ReturnType<typeof office>, date = '2026-11-25') => {
  const found = shortfallOn(workspace, date, zone, now);
  return found && shortfallWords(found, zone, 24);
};

test('tasks that a meeting needs are held against the pockets until it begins', () => {
  const workspace = office([task('Papers', 180, { neededBy }), task('Map', 120, { neededBy })]);
  // two hours are left today, and two before the hearing
  expect(short(workspace)).toBe('5 h to plan before Weir hearing, 4 h free');
  expect(short(workspace, '2026-11-24')).toBeUndefined();
  expect(short(editTask.apply(workspace, { id: 'Map', estimate: 60 }))).toBeUndefined();
});

test('what is planned in time or spent is no longer needed; a block after the meeting does not help', () => {
  const workspace = office([task('Papers', 300, { neededBy })]);
  const spent = addEntry.apply(workspace, {
    id: 'e',
    subject: { kind: 'task', taskId: 'Papers' },
    from: at('24T09:00'),
    to: at('24T10:00'),
  });
  expect(short(spent)).toBeUndefined();
  const planned = placeTask.apply(workspace, {
    id: 'b',
    taskId: 'Papers',
    start: at('25T17:00'),
    minutes: 60,
  });
  expect(short(planned)).toBe('5 h to plan before Weir hearing, 4 h free');
  const inTime = placeTask.apply(workspace, {
    id: 'b',
    taskId: 'Papers',
    start: at('24T18:00'),
    minutes: 60,
  });
  expect(short(inTime)).toBeUndefined();
});

test('what is due earlier takes its time first', () => {
  const due = { due: { date: '2026-11-24', time: null } };
  const workspace = office([task('Reply', 90, due), task('Papers', 180, { neededBy })]);
  expect(short(workspace)).toBe('4 h 30 to plan before Weir hearing, 4 h free');
  expect(short(office([task('Reply', 150, due)]), '2026-11-24')).toBe(
    '2 h 30 to plan before the day ends, 2 h free',
  );
});

test('more work never makes a shortfall go away', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 600 }), fc.integer({ min: 0, max: 300 }), (minutes, more) => {
      const of = (estimate: number) =>
        shortfallOn(office([task('Papers', estimate, { neededBy })]), '2026-11-25', zone, now);
      if (of(minutes)) expect(of(minutes + more)?.needed).toBe(minutes + more);
    }),
  );
});
