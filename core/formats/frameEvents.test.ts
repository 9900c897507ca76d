import * as fc from 'fast-check';
import { date, zone } from '../fixtures/make';
import { lunch, sleep, withZones, zoneOf } from '../fixtures/zones';
import { FIRST_FRAME } from '../model/firstFrame';
import type { Workspace } from '../model/workspace';
import { calendarsOut } from './calendarsOut';
import { frameOfEvents } from './frameEvents';
import { framePicture } from './framePicture';
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

const read = (frame: Workspace, home = zone) => {
  const out = calendarsOut(frame, new Set([FIRST_FRAME]), (hue) => hue, { today: date, zone });
  return frameOfEvents(
    readCalendar(writeCalendar(out, { zone, now: 0 }), home).calendars[0]?.events ?? [],
    home,
  );
};

const anyZone = fc.record({
  name: fc.constantFrom('Writing', 'Sleep', 'Lunch; soup', 'Post, small things'),
  kind: fc.constantFrom('sleep', 'duty', 'work', 'own'),
  days: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 }).map((days) => days.sort()),
  from: fc.integer({ min: 0, max: 1439 }),
  minutes: fc.integer({ min: 1, max: 1440 }),
  openness: fc.constantFrom('open', 'guarded', 'free'),
  energy: fc.constantFrom('sharp', 'steady', 'low'),
  catchUp: fc.boolean(),
  buffer: fc.integer({ min: 0, max: 60 }),
  door: fc.record({
    most: fc.option(fc.integer({ min: 1, max: 600 })),
    who: fc.constantFrom('all', 'known', 'named'),
    people: fc.array(fc.constantFrom('lena@x.example', 'tomas@trust.example'), { maxLength: 2 }),
  }),
});

test('a frame that went out comes in as it was', () => {
  fc.assert(
    fc.property(anyZone, (told) => {
      const { zones, leftOut } = read(
        withZones(zoneOf(told.name, { ...told, hue: 'clay', lines: ['One', 'Two'] })),
      );
      expect(leftOut).toEqual([]);
      expect(zones).toMatchObject([{ zone: { ...told, hue: 'clay', lines: ['One', 'Two'] } }]);
    }),
  );
});

test('of another program’s file what comes every week becomes a zone, each by the clock here; the rest is told', () => {
  const file = (...events: string[]) =>
    ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:x', ...events, 'END:VCALENDAR'].join('\r\n');
  const event = (title: string, start: string, end: string, ...more: string[]) =>
    [
      'BEGIN:VEVENT',
      `UID:${title}${start}`,
      'DTSTAMP:20261101T000000Z',
      `DTSTART:${start}`,
      `DTEND:${end}`,
      `SUMMARY:${title}`,
      ...more,
      'END:VEVENT',
    ].join('\r\n');
  const text = file(
    event('Lunch', '20261124T123000', '20261124T131500', 'RRULE:FREQ=DAILY', 'CATEGORIES:Breaks'),
    event('Deep work', '20261124T090000', '20261124T110000'),
    event('Deep work', '20261126T090000', '20261126T110000'),
    // half past eleven at night in New York is the next morning here
    event('Night call', '20261127T043000Z', '20261127T053000Z', 'RRULE:FREQ=WEEKLY;BYDAY=FR'),
    event('Board', '20261124T150000', '20261124T160000', 'RRULE:FREQ=MONTHLY'),
    [
      'BEGIN:VEVENT',
      'UID:h',
      'DTSTAMP:20261101T000000Z',
      'DTSTART;VALUE=DATE:20261124',
      'SUMMARY:Holiday',
      'END:VEVENT',
    ].join('\r\n'),
  );
  const { zones, leftOut } = frameOfEvents(readCalendar(text, zone).calendars[0]?.events ?? [], zone);
  expect(
    zones.map(({ zone: { name, kind, days, from, minutes }, category }) => [
      name,
      kind,
      days.join(),
      from / 60,
      minutes,
      category,
    ]),
  ).toEqual([
    ['Lunch', 'duty', '1,2,3,4,5,6,7', 12.5, 45, 'Breaks'],
    ['Deep work', 'work', '2,4', 9, 120, undefined],
    ['Night call', 'sleep', '5', 4.5, 60, undefined],
  ]);
  expect(leftOut).toEqual(['Board: it does not come every week', 'Holiday: it takes whole days']);
  const inNewYork = frameOfEvents(
    readCalendar(text, zone).calendars[0]?.events ?? [],
    'America/New_York',
  ).zones;
  expect(inNewYork.find((told) => told.zone.name === 'Night call')?.zone).toMatchObject({
    days: [4],
    from: 23.5 * 60,
  });
});

test('the picture of a frame shows each stretch by name, whatever it is called', () => {
  const svg = framePicture('Mine & <yours>', [zoneOf('R&D <late>', { days: [1, 2] }), sleep], {
    ink: '#000',
    soft: '#444',
    line: '#999',
    ground: '#fff',
    colours: () => ({ edge: '#111', fill: '#eee' }),
    hour: (time) => time,
    weekStart: 7,
  });
  expect(svg.match(/R&#38;D &#60;late&#62;/g)).toHaveLength(2);
  expect(svg).toContain('aria-label="Mine &#38; &#60;yours&#62;"');
  // each night is cut at its midnight: seven begin and seven end
  expect(svg.match(/Sleep/g)?.length).toBe(14);
});
