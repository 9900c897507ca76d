import * as fc from 'fast-check';
import { dueText, dueWords } from '../tasks/dueWords';
import {
  clockWords,
  dateWords,
  dayWords,
  deadlineAtWords,
  distanceWords,
  driftWords,
  durationWords,
  momentWords,
  spanWords,
  stopwatchWords,
  type Style,
  untilWords,
  whenWords,
} from './words';
import { addDays, instantOf, isDate, isZone, weekdayOf } from './zone';

test.each([
  [0, '0 min'],
  [45, '45 min'],
  [60, '1 h'],
  [90, '1 h 30'],
  [65, '1 h 05'],
  [-75, '−1 h 15'],
])('%i minutes read %s', (minutes, words) => expect(durationWords(minutes)).toBe(words));

const british: Style = { clock: 24, dates: 'dayFirst' };
const american: Style = { clock: 12, dates: 'monthFirst' };

test('drift is signed with a real minus', () => {
  expect([driftWords(25), driftWords(-8), driftWords(0)]).toEqual(['+25', '−8', '0']);
});

test('a running clock counts hours, minutes and seconds, and never runs below zero', () => {
  expect([stopwatchWords(642_000), stopwatchWords(36_000_000), stopwatchWords(-5)]).toEqual([
    '0:10:42',
    '10:00:00',
    '0:00:00',
  ]);
});

test('days near today have names', () => {
  const today = '2026-11-24';
  expect(
    ['2026-11-23', today, '2026-11-25', '2026-11-26'].map((date) => dayWords(date, today, british)),
  ).toEqual(['yesterday', 'today', 'tomorrow', 'Thu 26 Nov']);
});

test('a moment, a stretch of time and when something is are said by the locale', () => {
  const [from, to] = [
    instantOf('2026-11-25T09:00', 'Europe/London'),
    instantOf('2026-11-25T10:30', 'Europe/London'),
  ];
  const said = (style: Style) => [
    spanWords({ from, to }, 'Europe/London', style),
    whenWords(from, '2026-11-24', 'Europe/London', style),
    whenWords(from, '2026-11-01', 'Europe/London', style),
  ];
  expect(said(british)).toEqual(['Wed 25 Nov, 09:00 – 10:30', 'tomorrow 09:00', 'Wed 25 Nov 09:00']);
  expect(said(american)).toEqual([
    'Wed, Nov 25, 9:00 am – 10:30 am',
    'tomorrow 9:00 am',
    'Wed, Nov 25 9:00 am',
  ]);
});

test('distances are said in minutes within a day and in days beyond', () => {
  expect([60_000, 5_400_000, 86_400_000, -3 * 86_400_000].map(distanceWords)).toEqual([
    '1 min',
    '1 h 30',
    '1 day',
    '3 days',
  ]);
});

test('a due date is said shortly and stands in its field so that it can be read again', () => {
  const due = { date: '2026-11-26', time: '14:00' };
  expect(dueWords(due, '2026-11-25', british)).toBe('due tomorrow 14:00');
  expect([
    dueText(due, british),
    dueText({ date: '2026-11-26', time: null }, british),
    dueText(null, american),
  ]).toEqual(['Thu 26 Nov, 14:00', 'Thu 26 Nov', '']);
  expect(dueText(due, american)).toBe('Thu, Nov 26, 2:00 pm');
  expect(momentWords(Date.parse('2026-11-26T14:00Z'), 'Europe/London', american)).toBe(
    dueText(due, american),
  );
});

test('dates walk over months, years and leap days', () => {
  expect([addDays('2028-02-28', 1), addDays('2026-12-31', 1), addDays('2026-03-01', -1)]).toEqual([
    '2028-02-29',
    '2027-01-01',
    '2026-02-28',
  ]);
  expect([weekdayOf('2026-11-23'), weekdayOf('2026-11-29')]).toEqual([1, 7]);
  expect(dateWords('2026-11-24', british)).toBe('Tue 24 Nov');
});

test('only days and zones that exist are taken', () => {
  expect(['2026-02-29', '2026-13-01', '26-1-1', '2028-02-29'].map(isDate)).toEqual([
    false,
    false,
    false,
    true,
  ]);
  fc.assert(
    fc.property(fc.nat(9999), fc.nat(14), fc.nat(33), (year, month, day) => {
      const text = [year, month, day].map((part, i) => `${part}`.padStart(i === 0 ? 4 : 2, '0')).join('-');
      const made = new Date(0).setUTCFullYear(year, month - 1, day);
      expect(isDate(text)).toBe(new Date(made).toISOString().slice(0, 10) === text);
    }),
  );
  expect(['Europe/London', 'asia/calcutta', '+01:00'].map(isZone)).toEqual([true, true, true]);
  expect(['Middle/Earth', '', '2026-11-24T09:00[Europe/London]'].map(isZone)).toEqual([false, false, false]);
});

test('the same instant is another clock time elsewhere', () => {
  const instant = instantOf('2026-11-24T09:00', 'Europe/London');
  expect([clockWords(instant, 'Europe/Paris', 24), clockWords(instant, 'America/New_York', 12)]).toEqual([
    '10:00',
    '4:00 am',
  ]);
});

test('a deadline at midnight is told by the day that ends with it', () => {
  const [noon, midnight] = ['2026-11-25T12:00', '2026-11-26'].map((wall) => instantOf(wall, 'Europe/London'));
  const told = (words: typeof untilWords, at = 0) =>
    words(at, '2026-11-24', 'Europe/London', { clock: 24, dates: 'dayFirst' });
  expect([noon, midnight].map((at) => told(untilWords, at))).toEqual([
    'tomorrow 12:00',
    'the end of tomorrow',
  ]);
  expect([noon, midnight].map((at) => told(deadlineAtWords, at))).toEqual(['tomorrow 12:00', 'tomorrow']);
});
