import { rangeOf, stretchAYearBefore, stretchAround, stretchBeside, daysOf, type Unit } from './stretch';
import { lengthOf } from './span';

const told = ({ first, last }: { first: string; last: string }) => `${first} ${last}`;
const around = (unit: Unit, date = '2026-11-24') => stretchAround(unit, date, 1);

test('a date lies in its week, month, quarter and year', () => {
  expect(told(around('week'))).toBe('2026-11-23 2026-11-29');
  expect(told(stretchAround('week', '2026-11-24', 7))).toBe('2026-11-22 2026-11-28');
  expect(told(around('month', '2028-02-10'))).toBe('2028-02-01 2028-02-29');
  expect(told(around('quarter'))).toBe('2026-10-01 2026-12-31');
  expect(told(around('year'))).toBe('2026-01-01 2026-12-31');
});

test('one goes on to the next and back, whatever its length', () => {
  expect(told(stretchBeside(around('month', '2026-03-31'), -1, 1))).toBe('2026-02-01 2026-02-28');
  expect(told(stretchBeside(around('quarter'), 1, 1))).toBe('2027-01-01 2027-03-31');
  const dates = { unit: 'dates', first: '2026-11-20', last: '2026-12-02' } as const;
  expect(told(stretchBeside(dates, 1, 1))).toBe('2026-12-03 2026-12-15');
  expect(daysOf(dates)).toBe(13);
});

test('a year before weekdays stand by their own kind, months by their own', () => {
  expect(told(stretchAYearBefore(around('week'), 1))).toBe('2025-11-24 2025-11-30');
  expect(told(stretchAYearBefore(around('quarter'), 1))).toBe('2025-10-01 2025-12-31');
});

test('a week in which the clocks go back is an hour longer', () => {
  expect(lengthOf(rangeOf(around('week', '2026-10-25'), 'Europe/London'))).toBe((7 * 24 + 1) * 60);
});
