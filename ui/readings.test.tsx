import { here } from '@/state/here';
import { addDays, dateOf } from '@/core/time/zone';
import { defaultSettings } from '@/core/model/settings';
import { dateWords } from '@/core/time/words';
import { readDay, readDue } from './dayReadings';
import { leadsText, readClock, readEstimate, readLeads, readLength, readTitle } from './readings';

const problem = (reading: { problem: string } | { value: unknown }) =>
  'problem' in reading ? reading.problem : undefined;
const today = dateOf(here().now, here().zone);

test('a title is needed, and loses the spaces around it', () => {
  expect(problem(readTitle('   '))).toBe('A title is needed.');
  expect(readTitle('  Order waders ')).toEqual({ value: 'Order waders' });
});

test('an estimate may be left open, a length may not; what cannot be read is quoted with examples', () => {
  expect(readEstimate(' ')).toEqual({ value: null });
  expect(readEstimate('1.5h')).toEqual({ value: 90 });
  expect(
    ['six hours', 'an hour', 'two and a half hours', 'half an hour', 'ten minutes'].map(readEstimate),
  ).toEqual([360, 60, 150, 30, 10].map((value) => ({ value })));
  expect(problem(readLength('200h', 1440))).toContain('is too long: at most 24 h');
  expect(problem(readLength(''))).toContain('is no length');
  expect(problem(readLength('a while'))).toBe('“a while” is no length. Try 90, 45m, 1h30, 1:30 or 1.5h.');
});

test('a time of day that does not exist is said at the field', () => {
  expect(problem(readClock('25:00'))).toBe('“25:00” is no time of day. Try 9, 14:30 or 2pm.');
  expect(readClock('2pm')).toEqual({ value: '14:00' });
});

test('a due date can be left out, and cannot have passed', () => {
  const yesterday = addDays(today, -1);
  expect(readDue('')).toEqual({ value: null });
  expect(readDue('tomorrow')).toEqual({ value: { date: addDays(today, 1), time: null } });
  expect(problem(readDue(yesterday))).toBe(
    `${dateWords(yesterday, defaultSettings)} has passed. A task can be due from now on.`,
  );
  expect(problem(readDue('whenever'))).toContain('is no day');
});

test('a day to place something may be any day', () => {
  expect(readDay('today')).toEqual({ value: { date: today, time: null } });
  expect(readDay('tomorrow 9:15')).toEqual({ value: { date: addDays(today, 1), time: '09:15' } });
});

test('reminders are several lengths; none, on time and days are understood, and read back the same', () => {
  expect(readLeads('10 min, 1 day and 1 h before')).toEqual({ value: [1440, 60, 10] });
  expect(readLeads('on time')).toEqual({ value: [0] });
  expect(readLeads('never')).toEqual({ value: [] });
  expect(readLeads(' ')).toEqual({ value: undefined });
  for (const leads of [[0], [], undefined, [20_160, 2880, 1440, 90, 5]])
    expect(readLeads(leadsText(leads))).toEqual({ value: leads });
  expect(problem(readLeads('10 min, soonish'))).toContain('“soonish” is no length');
  expect(problem(readLeads('40 days'))).toContain('at most 28 days');
  expect(problem(readLeads('1m, 2m, 3m, 4m, 5m, 6m'))).toBe('At most 5 reminders of one thing.');
});
