import { minutesNear } from './minutesNear';

test.each([
  ['half eleven', 23 * 60, 23 * 60 + 30],
  ['half eleven', 9 * 60, 11 * 60 + 30],
  ['quarter to six', 7 * 60, 5 * 60 + 45],
  ['quarter past twelve', 23 * 60, 15],
  ['22:15', 7 * 60, 22 * 60 + 15],
  ['9', 21 * 60, 9 * 60],
  ['noon', 60, 12 * 60],
  ['midnight', 23 * 60, 0],
])('“%s” in a field of %d is %d minutes after midnight', (typed, near, minutes) =>
  expect(minutesNear(typed, near)).toBe(minutes),
);

test.each(['', 'whenever', '25:00', 'half thirteen', 'half two tomorrow'])(
  '“%s” is no time of day',
  (typed) => expect(minutesNear(typed, 540)).toBeUndefined(),
);
