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

test.each(['', 'whenever', 'fri or so maybe', '25:00', '31 Feb 2027'])('“%s” is no day', (typed) =>
  expect(readMoment(typed, now, zone)).toBeUndefined(),
);
