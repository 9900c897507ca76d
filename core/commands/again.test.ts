import { at, date, task, zone } from '../fixtures/make';
import { workspaceOf, type Workspace } from '../model/workspace';
import { againWords, dayAgain, readAgain } from '../tasks/again';
import { trayOn } from '../tasks/places';
import { tickOffAll } from './several';
import { reopen, tickOff } from './tasks';

let ids = 0;
const next = { newId: () => `new${(ids += 1)}`, zone };
const weekly = { every: 1, unit: 'week' } as const;
const office = workspaceOf({
  tasks: [
    task('Clean the sensors', {
      again: weekly,
      steps: [{ id: 's', title: 'Pool', doneAt: 1, estimate: null }],
    }),
    task('Water the willows', { again: { every: 3, unit: 'day' }, due: { date, time: '12:00' } }),
    task('Once'),
  ],
  blocks: [{ id: 'b', taskId: 'Water the willows', start: at('09:00'), minutes: 30 }],
});
const ticked = (workspace: Workspace, id: string) =>
  tickOff.apply(workspace, { id, at: at('10:00', '2026-11-25'), next });
const follower = (workspace: Workspace, id: string) =>
  workspace.tasks.values().find(({ follows }) => follows === id);

test('a task that comes again is there once more when it is done, so long after that, with fresh steps', () => {
  const after = ticked(office, 'Clean the sensors');
  expect(follower(after, 'Clean the sensors')).toMatchObject({
    title: 'Clean the sensors',
    doneAt: null,
    due: null,
    notBefore: { date: '2026-12-02', time: null },
    again: weekly,
    steps: [{ title: 'Pool', doneAt: null }],
  });
  expect(ticked(office, 'Once').tasks.size).toBe(3);
});

test('one that was due is due again, and one that had its place lies in the tray of its day', () => {
  const after = ticked(office, 'Water the willows');
  const made = follower(after, 'Water the willows');
  expect(made).toMatchObject({ due: { date: '2026-11-28', time: '12:00' }, notBefore: undefined });
  expect(trayOn(after, '2026-11-28', zone).map(({ taskId }) => taskId)).toEqual([made?.id]);
});

test('untick takes what came after away, unless that is done, too', () => {
  const after = ticked(office, 'Clean the sensors');
  expect(reopen.apply(after, { id: 'Clean the sensors' }).tasks.size).toBe(3);
  const both = ticked(after, follower(after, 'Clean the sensors')?.id ?? '');
  expect(reopen.apply(both, { id: 'Clean the sensors' }).tasks.size).toBe(5);
  const all = tickOffAll.apply(office, { ids: office.tasks.values().map(({ id }) => id), at: 5, next });
  expect(all.tasks.size).toBe(5);
});

test('how long after is read as it is said', () => {
  for (const text of ['a week', '2 weeks', 'a day', '10 days', '3 months', 'a year']) {
    const again = readAgain(text);
    expect(again && againWords(again)).toBe(text);
  }
  expect(['soon', '0 days', 'weeks', '2'].map(readAgain)).toEqual([
    undefined,
    undefined,
    undefined,
    undefined,
  ]);
  expect(dayAgain('2026-01-31', { every: 1, unit: 'month' })).toBe('2026-02-28');
});
