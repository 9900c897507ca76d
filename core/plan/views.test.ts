import * as fc from 'fast-check';
import type { Occurrence } from '../calendar/occurrences';
import { firstFrame } from '../model/firstFrame';
import { defaultSettings, type Settings } from '../model/settings';
import { workspaceOf } from '../model/workspace';
import { addDays, dayOf, weekdayOf } from '../time/zone';
import { segmentsOf } from './spanning';
import { datesOf, stepped, views } from './views';

const zone = 'Europe/London';
const from = (weekStart: number, changes: Partial<Settings> = {}, frames = [firstFrame()]) =>
  workspaceOf({ frames }, { ...defaultSettings, weekStart, ...changes });
const dayOff = [{ ...firstFrame(), zones: [] }];
const ends = (list: readonly string[]) => [list[0], list.at(-1), list.length];

test('the week begins on the day that the person chose', () => {
  expect(ends(datesOf(from(1), 'week', '2026-11-24', 4))).toEqual(['2026-11-23', '2026-11-29', 7]);
  expect(ends(datesOf(from(7), 'week', '2026-11-24', 4))).toEqual(['2026-11-22', '2026-11-28', 7]);
  expect(ends(datesOf(from(3), 'week', '2026-11-24', 4))).toEqual(['2026-11-18', '2026-11-24', 7]);
});

test('the working week has the days with working hours; without any it has all', () => {
  expect(ends(datesOf(from(1), 'workweek', '2026-11-24', 4))).toEqual(['2026-11-23', '2026-11-27', 5]);
  const none = from(1, {}, dayOff);
  expect(datesOf(none, 'workweek', '2026-11-24', 4)).toHaveLength(7);
});

test('a month is whole weeks that hold all of its days', () => {
  expect(ends(datesOf(from(1), 'month', '2026-11-24', 4))).toEqual(['2026-10-26', '2026-12-06', 42]);
  expect(ends(datesOf(from(1), 'month', '2027-02-10', 4))).toEqual(['2027-02-01', '2027-02-28', 28]);
  expect(stepped(from(1), 'month', '2027-01-31', 1, 4)).toBe('2027-02-28');
});

test('several days leave out days off when asked to: on Friday they go on with Monday', () => {
  const skips = from(1, { skipDaysOff: true });
  expect(datesOf(skips, 'days', '2026-11-27', 3)).toEqual(['2026-11-27', '2026-11-30', '2026-12-01']);
  expect(datesOf(skips, 'days', '2026-11-28', 2)).toEqual(['2026-11-30', '2026-12-01']);
  expect(stepped(skips, 'days', '2026-11-27', 1, 3)).toBe('2026-12-02');
  expect(stepped(skips, 'days', '2026-12-02', -1, 3)).toBe('2026-11-27');
  const none = from(1, { skipDaysOff: true }, dayOff);
  expect(datesOf(none, 'days', '2026-11-28', 2)).toEqual(['2026-11-28', '2026-11-29']);
});

test('every view holds its date, in unbroken order, and one step on shows what follows', () => {
  const anyDate = fc.integer({ min: -2000, max: 4000 }).map((n) => addDays('2026-11-24', n));
  fc.assert(
    fc.property(
      fc.constantFrom(...views),
      anyDate,
      fc.integer({ min: 1, max: 7 }),
      fc.integer({ min: 2, max: 4 }),
      (view, date, weekStart, fit) => {
        const shown = datesOf(from(weekStart), view, date, fit);
        const holds = shown.includes(date) || (view === 'workweek' && weekdayOf(date) > 5);
        expect(holds).toBe(true);
        expect([...shown].sort()).toEqual(shown);
        const next = datesOf(from(weekStart), view, stepped(from(weekStart), view, date, 1, fit), fit);
        expect((next[0] ?? '') > (shown[0] ?? '')).toBe(true);
        if (view !== 'month') expect((next[0] ?? '') > (shown.at(-1) ?? '')).toBe(true);
      },
    ),
  );
});

const days = Array.from({ length: 7 }, (_, i) => dayOf(addDays('2026-11-23', i), zone));
const event = (id: string, first: number, length: number): Occurrence => {
  const begin = addDays('2026-11-23', first);
  return {
    id,
    eventId: id,
    recurrence: begin,
    calendarId: 'c',
    title: id,
    location: '',
    categories: [],
    allDay: true,
    busy: true,
    from: dayOf(begin, zone).from,
    to: dayOf(addDays(begin, length), zone).from,
  };
};

test('an event of thirty days goes across the whole week and says that it goes on', () => {
  expect(segmentsOf([event('Spawning', -10, 30)], days)).toMatchObject([
    { first: 0, last: 6, lane: 0, before: true, after: true },
  ]);
});

test('events across days never lie on one another, each is there once, and rows are not wasted', () => {
  const anyEvents = fc
    .array(fc.tuple(fc.integer({ min: -5, max: 8 }), fc.integer({ min: 1, max: 12 })), { maxLength: 40 })
    .map((list) => list.map(([first, length], i) => event(`e${i}`, first, length)));
  fc.assert(
    fc.property(anyEvents, (events) => {
      const segments = segmentsOf(events, days);
      const taken = segments.flatMap(({ first, last, lane }) =>
        Array.from({ length: last - first + 1 }, (_, i) => `${lane} ${first + i}`),
      );
      expect(new Set(taken).size).toBe(taken.length);
      const touching = events.filter(
        ({ from: begin, to }) => begin < (days[6]?.to ?? 0) && to > (days[0]?.from ?? 0),
      );
      expect(segments).toHaveLength(touching.length);
      const most = Math.max(
        0,
        ...days.map((_, i) => segments.filter(({ first, last }) => first <= i && i <= last).length),
      );
      expect(Math.max(-1, ...segments.map(({ lane }) => lane)) + 1).toBe(most);
    }),
  );
});
