import { at, task, zone } from '../fixtures/make';
import type { TimeEntry } from '../model/plan';
import { workspaceOf } from '../model/workspace';
import { rangeOf } from '../time/stretch';
import { ledger } from './ledger';
import { hoursOfWeek, weekSums } from './rhythm';

const worked = (day: string, from: string, minutes: number): TimeEntry => ({
  id: `${day} ${from}`,
  subject: { kind: 'task', taskId: 'a' },
  from: at(from, day),
  to: at(from, day) + minutes * 60_000,
});
const office = workspaceOf({
  tasks: [task('a')],
  blocks: [{ id: '1', taskId: 'a', start: at('09:00', '2026-11-30'), minutes: 60 }],
  entries: [
    worked('2026-11-16', '09:30', 60),
    worked('2026-11-23', '09:00', 30),
    worked('2026-11-24', '14:00', 15),
  ],
});
const { rows } = ledger(office, rangeOf({ first: '2026-11-16', last: '2026-12-06' }, zone), zone, 0);

test('an hour of a weekday is the mean of the days that have a record', () => {
  const worth = hoursOfWeek(rows, zone).filter(({ minutes }) => minutes > 0);
  expect(worth.map(({ weekday, hour, minutes }) => `${weekday} ${hour} ${minutes}`)).toEqual([
    '1 9 30',
    '1 10 15',
    '2 14 15',
  ]);
});

test('weeks are summed up in their order, as far as they are whole', () => {
  const span = { from: '2026-11-17', until: '2026-12-06' };
  expect(weekSums(rows, 1, span)).toEqual([
    { week: '2026-11-23', planned: 0, actual: 45 },
    { week: '2026-11-30', planned: 60, actual: 0 },
  ]);
});
