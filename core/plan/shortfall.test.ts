import * as fc from 'fast-check';
import { placeTask } from '../commands/plan';
import { editTask } from '../commands/tasks';
import { addEntry } from '../commands/track';
import { meeting, task, zone } from '../fixtures/make';
import type { Task } from '../model/task';
import { workspaceOf } from '../model/workspace';
import { instantOf } from '../time/zone';
import { shortfallOn, shortfallWords } from './shortfall';

const on = (wall: string) => instantOf(`2026-11-${wall}`, zone);
const now = on('24T15:00');
const hearing = meeting('c/x', '2026-11-25T11:00:00', 120, { title: 'Weir hearing' });
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
  const workspace = office([
    task('Papers', { estimate: 180, neededBy }),
    task('Map', { estimate: 120, neededBy }),
  ]);
  // two hours are left today, and two before the hearing
  expect(short(workspace)).toBe('5 h to plan before Weir hearing, 4 h free');
  expect(short(workspace, '2026-11-24')).toBeUndefined();
  expect(short(editTask.apply(workspace, { id: 'Map', estimate: 60 }))).toBeUndefined();
});

test('what is planned in time or spent is no longer needed; a block after the meeting does not help', () => {
  const workspace = office([task('Papers', { estimate: 300, neededBy })]);
  const spent = addEntry.apply(workspace, {
    id: 'e',
    subject: { kind: 'task', taskId: 'Papers' },
    from: on('24T09:00'),
    to: on('24T10:00'),
  });
  expect(short(spent)).toBeUndefined();
  const planned = placeTask.apply(workspace, {
    id: 'b',
    taskId: 'Papers',
    start: on('25T17:00'),
    minutes: 60,
  });
  expect(short(planned)).toBe('5 h to plan before Weir hearing, 4 h free');
  const inTime = placeTask.apply(workspace, {
    id: 'b',
    taskId: 'Papers',
    start: on('24T18:00'),
    minutes: 60,
  });
  expect(short(inTime)).toBeUndefined();
});

test('what is due earlier takes its time first', () => {
  const due = { due: { date: '2026-11-24', time: null } };
  const workspace = office([
    task('Reply', { estimate: 90, ...due }),
    task('Papers', { estimate: 180, neededBy }),
  ]);
  expect(short(workspace)).toBe('4 h 30 to plan before Weir hearing, 4 h free');
  expect(short(office([task('Reply', { estimate: 150, ...due })]), '2026-11-24')).toBe(
    '2 h 30 to plan before the day ends, 2 h free',
  );
});

test('more work never makes a shortfall go away', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 600 }), fc.integer({ min: 0, max: 300 }), (minutes, more) => {
      const of = (estimate: number) =>
        shortfallOn(office([task('Papers', { estimate, neededBy })]), '2026-11-25', zone, now);
      if (of(minutes)) expect(of(minutes + more)?.needed).toBe(minutes + more);
    }),
  );
});
