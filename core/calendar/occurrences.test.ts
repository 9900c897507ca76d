import * as fc from 'fast-check';
import { Collection } from '../model/collection';
import { plainDetails, plainEvent, type CalendarEvent, type Exception } from '../model/event';
import { instantOf, wallOf } from '../time/zone';
import { occurrencesIn, occurrencesOf } from './occurrences';
import { headOf, tailOf } from './series';

const zone = 'Europe/London';
const event = (changes: Partial<CalendarEvent>): CalendarEvent => ({
  id: 'c/a',
  calendarId: 'c',
  uid: 'a',
  ...plainEvent,
  title: 'Crew call',
  start: { wall: '2026-01-05T09:00:00', zone },
  length: { days: 0, seconds: 1800 },
  ...changes,
});
const changed = (recurrence: string, wall: string, changes: Partial<Exception> = {}): Exception => ({
  ...plainDetails,
  recurrence,
  andLater: false,
  title: 'Crew call',
  length: { days: 0, seconds: 1800 },
  start: { wall, zone },
  ...changes,
});
const walls = (each: CalendarEvent, from: string, to: string, here = zone) =>
  occurrencesOf(each, { from: instantOf(from, here), to: instantOf(to, here) }, here).map((o) =>
    wallOf(o.from, here).slice(0, 16),
  );

test('nine o’clock stays nine o’clock across a clock change, and is another hour elsewhere', () => {
  const daily = event({ rule: 'FREQ=DAILY' });
  expect(walls(daily, '2026-03-28', '2026-03-30')).toEqual(['2026-03-28T09:00', '2026-03-29T09:00']);
  expect(walls(daily, '2026-03-20', '2026-03-21', 'America/New_York')).toEqual(['2026-03-20T05:00']);
});

test('what is taken out, added, moved or cancelled is where it belongs', () => {
  const weekly = event({
    rule: 'FREQ=WEEKLY;UNTIL=20260202T090000Z',
    without: ['2026-01-12T09:00:00'],
    also: [{ wall: '2026-01-14T15:00:00', length: null }],
    exceptions: [
      changed('2026-01-19T09:00:00', '2026-01-20T11:00:00'),
      { ...changed('2026-01-26T09:00:00', '2026-01-26T09:00:00'), cancelled: true },
    ],
  });
  expect(walls(weekly, '2026-01-01', '2026-03-01')).toEqual([
    '2026-01-05T09:00',
    '2026-01-14T15:00',
    '2026-01-20T11:00',
    '2026-02-02T09:00',
  ]);
});

test('a change of this and later moves all that follow, across a clock change, until the next such change', () => {
  const weekly = event({
    rule: 'FREQ=WEEKLY',
    exceptions: [
      changed('2026-03-23T09:00:00', '2026-03-24T14:00:00', {
        andLater: true,
        length: { days: 0, seconds: 7200 },
      }),
      changed('2026-04-06T09:00:00', '2026-04-10T08:00:00'),
      changed('2026-04-20T09:00:00', '2026-04-20T09:00:00', { andLater: true, cancelled: true }),
    ],
  });
  expect(walls(weekly, '2026-03-16', '2027-01-01')).toEqual([
    '2026-03-16T09:00',
    '2026-03-24T14:00',
    '2026-03-31T14:00',
    '2026-04-10T08:00',
    '2026-04-14T14:00',
  ]);
  const range = { from: instantOf('2026-04-14', zone), to: instantOf('2026-04-15', zone) };
  const [found] = occurrencesOf(weekly, range, zone);
  expect(found && found.to - found.from).toBe(7_200_000);
});

test('an added time may have a length of its own', () => {
  const once = event({
    also: [
      { wall: '2026-01-07T10:00:00', length: { days: 0, seconds: 5400 } },
      { wall: '2026-01-08T10:00:00', length: null },
    ],
  });
  const range = { from: instantOf('2026-01-07', zone), to: instantOf('2026-01-09', zone) };
  expect(occurrencesOf(once, range, zone).map(({ from, to }) => (to - from) / 60_000)).toEqual([90, 30]);
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
  expect(walls(event({ rule: 'FREQ=SECONDLY' }), '2030-01-01', '2030-01-02').length).toBeLessThanOrEqual(
    2000,
  );
});

test('what is looked up among many events is what each of them gives, whatever the stretch of time', () => {
  const details = { length: { days: 0, seconds: 7200 } };
  const events = [
    event({ id: 'c/daily', rule: 'FREQ=DAILY', length: { days: 3, seconds: 0 } }),
    event({ id: 'c/hourly', rule: 'FREQ=DAILY;BYHOUR=0,6,12,23', ...details }),
    event({ id: 'c/also', also: [{ wall: '2026-02-10T23:30:00', length: null }], ...details }),
    event({ id: 'd/once', calendarId: 'd', start: { wall: '2026-02-09', zone: null } }),
    event({ id: 'd/tokyo', calendarId: 'd', start: { wall: '2026-02-10T08:00:00', zone: 'Asia/Tokyo' } }),
  ];
  const all = Collection.of(({ calendarId }: CalendarEvent) => calendarId, events);
  const begin = instantOf('2026-01-01', zone);
  fc.assert(
    fc.property(fc.nat(100 * 24), fc.integer({ min: 1, max: 24 * 40 }), (hour, hours) => {
      const range = { from: begin + hour * 3_600_000, to: begin + (hour + hours) * 3_600_000 };
      const wanted = events.flatMap((each) => occurrencesOf(each, range, zone).map(({ id }) => id));
      expect(
        occurrencesIn(all, range, zone)
          .map(({ id }) => id)
          .sort(),
      ).toEqual(wanted.sort());
    }),
    { numRuns: 60 },
  );
});

describe('the start of a series counts as its first time, also where the rule does not meet it', () => {
  // a Monday, and a rule that asks for Tuesdays
  const tuesdays = (count: number) => event({ rule: `FREQ=WEEKLY;BYDAY=TU;COUNT=${count}` });
  const found = (count: number) => walls(tuesdays(count), '2026-01-01', '2027-01-01');

  test('so that COUNT gives as many as it says', () => {
    expect(found(3)).toEqual(['2026-01-05T09:00', '2026-01-06T09:00', '2026-01-13T09:00']);
    expect(found(1)).toEqual(['2026-01-05T09:00']);
    expect(found(7)).toHaveLength(7);
  });

  test('and a series that is cut in two gives as many as before', () => {
    const cut = '2026-01-20T09:00:00';
    const both = [headOf(tuesdays(6), cut), tailOf(tuesdays(6), cut)];
    expect(both.flatMap((each) => walls(each, '2026-01-01', '2027-01-01'))).toEqual(found(6));
  });
});
