import { givesNothing, wallStarts } from './recurring';

const zone = 'Europe/London';

// the walk of ical.js itself never comes back from most of these
test.each([
  'DAILY;INTERVAL=7;BYDAY=MO', // the start is a Thursday
  'DAILY;BYMONTH=2;BYMONTHDAY=30',
  'HOURLY;BYMONTH=2;BYMONTHDAY=30',
  'MINUTELY;BYMONTH=2;BYMONTHDAY=30',
  'SECONDLY;BYMONTH=2;BYMONTHDAY=30',
  'SECONDLY;INTERVAL=1000;BYHOUR=9;BYMONTH=2;BYMONTHDAY=30',
  'WEEKLY;BYMONTH=13',
  'YEARLY;BYMONTH=2;BYMONTHDAY=30',
  'YEARLY;BYMONTH=4;BYDAY=1MO;BYMONTHDAY=20',
  'DAILY;INTERVAL=99999999999',
  'WEEKLY;INTERVAL=99999999999;BYDAY=TU',
  'MONTHLY;INTERVAL=99999999999',
  'YEARLY;INTERVAL=99999999999',
  'SECONDLY;INTERVAL=99999999999',
])('%s has its first time alone, and comes back', (rule) => {
  const found = { rule: `FREQ=${rule}`, start: { wall: '2026-01-01T09:00:00', zone }, without: [] };
  expect(wallStarts(found, '2026-01-01', '2026-05-01', zone)).toEqual(['2026-01-01T09:00:00']);
  expect(wallStarts(found, '2031-02-01', '2031-04-01', zone)).toEqual([]);
  expect(givesNothing(found.rule, found.start)).toBe(true);
});

test.each([
  ['DAILY;COUNT=1000000000', ['24T09', '25T09']],
  ['DAILY;COUNT=46349', ['24T09']], // the last of them
  ['DAILY;COUNT=46348', []],
  ['WEEKLY;COUNT=1000000000;BYDAY=TU', ['24T09']],
  ['MONTHLY;COUNT=1000000000;BYDAY=4TU', ['24T09']],
  ['MINUTELY;INTERVAL=720;COUNT=1000000000', ['24T09', '24T21', '25T09', '25T21']],
])('%s from 1900 is counted without walking each of its times', (rule, wanted) => {
  const found = { rule: `FREQ=${rule}`, start: { wall: '1900-01-01T09:00:00', zone: null }, without: [] };
  const given = wallStarts(found, '2026-11-24', '2026-11-26', zone);
  expect(given).toEqual(wanted.map((at) => `2026-11-${at}:00:00`));
  expect(givesNothing(found.rule, found.start)).toBe(false);
});
