import { dueText } from '../tasks/dueWords';
import { instantOf } from '../time/zone';
import { readMoment } from './readMoment';

const zone = 'Europe/London';
const now = instantOf('2026-11-24T11:20', zone);

test.each([
  ['fri', '2026-11-27', null],
  ['tomorrow 14:00', '2026-11-25', '14:00'],
  ['27 Nov', '2026-11-27', null],
  ['Thu 26 Nov, 12:00', '2026-11-26', '12:00'],
  ['27/11', '2026-11-27', null],
  ['2026-12-01 9am', '2026-12-01', '09:00'],
  ['15:30', '2026-11-24', '15:30'],
  ['today', '2026-11-24', null],
])('“%s” is %s %s', (typed, date, time) => expect(readMoment(typed, now, zone)).toEqual({ date, time }));

test('dates by the month first are read as such, and what a field shows is read again either way', () => {
  expect(readMoment('11/12', now, zone, 'monthFirst')?.date).toBe('2027-11-12');
  expect(readMoment('11/12', now, zone, 'dayFirst')?.date).toBe('2026-12-11');
  const due = { date: '2026-12-03', time: '14:30' };
  for (const dates of ['dayFirst', 'monthFirst'] as const)
    for (const clock of [12, 24] as const)
      expect(readMoment(dueText(due, { clock, dates }), now, zone, dates)).toEqual(due);
});

test.each(['', 'whenever', 'fri or so maybe', '25:00', '31 Feb 2027'])('“%s” is no day', (typed) =>
  expect(readMoment(typed, now, zone)).toBeUndefined(),
);
