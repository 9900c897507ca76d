import ICAL from 'ical.js';
import * as fc from 'fast-check';
import type { CalendarEvent } from '../model/event';
import { instantOf, wallOf } from '../time/zone';
import { occurrencesOf } from './occurrences';
import { ruleStarts } from './rule';

const zone = 'Europe/London';
const event = (changes: Partial<CalendarEvent>): CalendarEvent => ({
  id: 'c/a',
  calendarId: 'c',
  uid: 'a',
  sequence: 0,
  title: 'Crew call',
  location: '',
  start: { wall: '2026-01-05T09:00:00', zone },
  length: { days: 0, seconds: 1800 },
  busy: true,
  cancelled: false,
  rule: null,
  without: [],
  also: [],
  exceptions: [],
  ...changes,
});
const walls = (one: CalendarEvent, from: string, to: string, here = zone) =>
  occurrencesOf(one, { from: instantOf(from, here), to: instantOf(to, here) }, here).map((o) =>
    wallOf(o.from, here).slice(0, 16),
  );

test('nine o’clock stays nine o’clock across a clock change, and is another hour elsewhere', () => {
  const daily = event({ rule: 'FREQ=DAILY' });
  expect(walls(daily, '2026-03-28', '2026-03-30')).toEqual(['2026-03-28T09:00', '2026-03-29T09:00']);
  expect(walls(daily, '2026-03-20', '2026-03-21', 'America/New_York')).toEqual(['2026-03-20T05:00']);
});

test('what is taken out, added, moved or cancelled is where it belongs', () => {
  const { title, location, length, busy } = event({});
  const weekly = event({
    rule: 'FREQ=WEEKLY;UNTIL=20260202T090000Z',
    without: ['2026-01-12T09:00:00'],
    also: ['2026-01-14T15:00:00'],
    exceptions: [
      {
        recurrence: '2026-01-19T09:00:00',
        title,
        location,
        length,
        busy,
        cancelled: false,
        start: { wall: '2026-01-20T11:00:00', zone },
      },
      {
        recurrence: '2026-01-26T09:00:00',
        title,
        location,
        length,
        busy,
        cancelled: true,
        start: { wall: '2026-01-26T09:00:00', zone },
      },
    ],
  });
  expect(walls(weekly, '2026-01-01', '2026-03-01')).toEqual([
    '2026-01-05T09:00',
    '2026-01-14T15:00',
    '2026-01-20T11:00',
    '2026-02-02T09:00',
  ]);
});

test('several-day and floating events lie where the person is', () => {
  const course = event({ start: { wall: '2026-06-01', zone: null }, length: { days: 3, seconds: 0 } });
  const [found] = occurrencesOf(
    course,
    { from: instantOf('2026-06-03', 'Asia/Tokyo'), to: instantOf('2026-06-04', 'Asia/Tokyo') },
    'Asia/Tokyo',
  );
  expect(found).toMatchObject({
    allDay: true,
    from: instantOf('2026-06-01', 'Asia/Tokyo'),
    to: instantOf('2026-06-04', 'Asia/Tokyo'),
  });
  expect(
    occurrencesOf(course, { from: instantOf('2026-06-04', zone), to: instantOf('2026-06-05', zone) }, zone),
  ).toEqual([]);
});

test('a rule that fires every second does not hang', () => {
  expect(walls(event({ rule: 'FREQ=SECONDLY' }), '2030-01-01', '2030-01-02').length).toBeLessThan(100_000);
});

test('jumping over the years gives what walking through them gives', () => {
  const day = fc.constantFrom('MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU');
  const days = fc.uniqueArray(day, { minLength: 1, maxLength: 4 });
  const rules = fc.record({
    freq: fc.constantFrom('DAILY', 'WEEKLY', 'MONTHLY'),
    interval: fc.integer({ min: 1, max: 5 }),
    days,
    wkst: day,
    end: fc.constantFrom('', ';COUNT=40', ';UNTIL=20180301T120000'),
  });
  fc.assert(
    fc.property(
      rules,
      fc.nat(3000),
      fc.integer({ min: 1, max: 20 }),
      ({ freq, interval, days: by, wkst, end }, offset, length) => {
        const text = `FREQ=${freq};INTERVAL=${interval};WKST=${wkst};BYDAY=${by.join(',')}${end}`;
        const start = '2016-01-04T09:00:00';
        const at = (d: number) => new Date(Date.UTC(2016, 0, 4 + d)).toISOString().slice(0, 19);
        const [from, to] = [at(offset), at(offset + length)];
        const walked: string[] = [];
        const iterator = ICAL.Recur.fromString(text).iterator(ICAL.Time.fromDateTimeString(start));
        for (let next = iterator.next(); next && next.toString() < to; next = iterator.next()) {
          if (next.toString() >= from) walked.push(next.toString());
        }
        expect(ruleStarts(text, start, zone, from, to)).toEqual(walked);
      },
    ),
    { numRuns: 150 },
  );
});
