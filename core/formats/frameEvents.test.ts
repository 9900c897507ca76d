import { date, zone } from '../fixtures/make';
import { lunch, sleep, withZones } from '../fixtures/zones';
import { FIRST_FRAME } from '../model/firstFrame';
import { calendarsOut } from './calendarsOut';
import { readCalendar } from './readCalendar';
import { writeCalendar } from './writeCalendar';

test('a frame goes out as weekly events that take no time, from the days on which its zones lie', () => {
  const weekend = { ...lunch, id: 'late', name: 'Late lunch', days: [6, 7], lines: ['Soup'] };
  const workspace = withZones(sleep, { ...lunch, days: [1, 2] }, weekend);
  const out = calendarsOut(workspace, new Set([FIRST_FRAME]), (hue) => hue, { today: date, zone });
  const { calendars, problems } = readCalendar(writeCalendar(out, { zone, now: 0 }), zone);
  expect(problems).toEqual([]);
  expect(calendars[0]?.name).toBe('My week');
  // the 24th is a Tuesday
  expect(calendars[0]?.events.map(({ title, start, rule }) => [title, start.wall, rule])).toEqual([
    ['Sleep', '2026-11-24T23:00:00', 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR,SA,SU'],
    ['Lunch', '2026-11-24T12:30:00', 'FREQ=WEEKLY;BYDAY=MO,TU'],
    ['Late lunch', '2026-11-28T12:30:00', 'FREQ=WEEKLY;BYDAY=SA,SU'],
  ]);
  expect(calendars[0]?.events.map(({ busy, notes }) => [busy, notes])).toEqual([
    [false, ''],
    [false, ''],
    [false, 'Soup'],
  ]);
});
