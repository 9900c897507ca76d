import * as fc from 'fast-check';
import { plainStarts } from '../fixtures/plainRule';
import { runs } from '../fixtures/runs';
import { anyEnd, anyRule, anyRuleOfTimes, anyStart } from '../fixtures/rules';
import { ruleStarts } from './rule';
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

const dayAfter = (days: number) => new Date(Date.UTC(2016, 0, 4 + days)).toISOString().slice(0, 10);

test('any rule gives in any window what a plain reading of the RFC gives', () => {
  const anyWindow = fc.tuple(fc.nat(3000), fc.integer({ min: 1, max: 60 }));
  fc.assert(
    fc.property(anyRule, anyEnd, anyStart, anyWindow, (rule, end, start, [offset, length]) => {
      const until = end.startsWith(';UNTIL') && start.length > 10 ? `${end}T235959` : end;
      const [from, to] = [dayAfter(offset), dayAfter(offset + length)];
      const wanted = plainStarts(rule + until, start, to).filter((wall) => wall >= from);
      const given = ruleStarts(rule + until, start, zone, from, to);
      // a walk may give the start, which is a time of its own anyway
      expect(given.filter((wall) => wall !== start || wanted.includes(wall))).toEqual(wanted);
    }),
    { numRuns: runs(500) },
  );
});

// the examples of RFC 5545 3.8.5.3, from 2 September 1997, nine o'clock, unless they say otherwise
test.each([
  ['DAILY;COUNT=10', '09-02', '09-03 09-04 09-05 09-06 09-07 09-08 09-09 09-10 09-11'],
  ['DAILY;INTERVAL=10;COUNT=5', '09-02', '09-12 09-22 10-02 10-12'],
  ['WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH', '09-02', '09-04 09-16 09-18 09-30 10-02 10-14 10-16'],
  ['MONTHLY;COUNT=4;BYDAY=1FR', '09-05', '10-03 11-07 12-05'],
  ['MONTHLY;INTERVAL=2;COUNT=4;BYDAY=1SU,-1SU', '09-07', '09-28 11-02 11-30'],
  ['MONTHLY;BYMONTHDAY=-3', '09-28', '10-29 11-28 12-29'],
  ['MONTHLY;COUNT=6;BYMONTHDAY=1,-1', '09-30', '10-01 10-31 11-01 11-30 12-01'],
  ['MONTHLY;BYDAY=FR;BYMONTHDAY=13', '09-02', '02-13 03-13 11-13'],
  ['MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13', '09-13', '10-11 11-08 12-13'],
  ['MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3', '09-04', '10-07 11-06'],
  ['MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2', '09-29', '10-30 11-27 12-30'],
  ['HOURLY;INTERVAL=3;UNTIL=19970902T170000', '09-02', '09-02T12 09-02T15'],
  ['YEARLY;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8', '09-02', '11-04'],
  ['YEARLY;BYWEEKNO=40;BYDAY=MO', '09-02', '09-29'],
])('%s from %s goes on with %s', (rule, start, wanted) => {
  const given = ruleStarts(
    `FREQ=${rule}`,
    `1997-${start}T09:00:00`,
    zone,
    `1997-${start}T09:00:01`,
    '1998-12-01',
  );
  const first = given.slice(0, wanted.split(' ').length);
  expect(first.map((wall) => wall.slice(5).replace(/(T09)?:00:00$/, '')).join(' ')).toBe(wanted);
});

test.each([
  ['HOURLY', '1900-01-01T09:05:30', '00:05:30 01:05:30 02:05:30'],
  ['HOURLY;BYMINUTE=0,45', '1900-01-01T09:05:30', '00:00:30 00:45:30 01:00:30'],
  ['MINUTELY;INTERVAL=90', '1900-01-01T09:05:30', '00:05:30 01:35:30 03:05:30'],
  ['DAILY;BYHOUR=8,20', '1900-01-01T09:05:30', '08:05:30 20:05:30'],
])('%s from %s, before 1970, has the minutes and seconds of its start', (rule, start, wanted) => {
  const given = ruleStarts(`FREQ=${rule}`, start, zone, '2026-11-24', '2026-11-25');
  expect(given.slice(0, wanted.split(' ').length).map((wall) => wall.slice(11))).toEqual(wanted.split(' '));
});

test('a rule that is counted has the first of the times that it has without an end', () => {
  const all = { starts: Infinity, periods: Infinity };
  fc.assert(
    fc.property(anyRuleOfTimes, anyStart, fc.nat(), fc.nat(120), (rule, start, some, offset) => {
      const endless = ruleStarts(rule, start, zone, start, '2017-09-01', all);
      const own = endless.includes(start) ? 0 : 1;
      const count = 1 + (some % (endless.length + 1));
      const [from, to] = [dayAfter(400 + offset), dayAfter(430 + offset)];
      expect(ruleStarts(`${rule};COUNT=${count}`, start, zone, from, to, all)).toEqual(
        endless.slice(0, count - own).filter((wall) => wall >= from && wall < to),
      );
    }),
    { numRuns: runs(200) },
  );
});
