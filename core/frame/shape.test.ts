import * as fc from 'fast-check';
import { date, zone } from '../fixtures/make';
import { hours, lunch, office, sleep, withZones, zoneOf } from '../fixtures/zones';
import { WEEK_MINUTES } from '../model/frame';
import { lengthOf, MINUTE, union, type Span } from '../time/span';
import { daysOfWeek } from '../time/week';
import { dayOf, weekdayOf } from '../time/zone';
import { kindsOf } from './kinds';
import { minutesOfWeek, shapeOf, takenFrom } from './shape';
import { timesWords } from './words';
import { zonesOn } from './zones';

test('a night that begins on Sunday ends on Monday of the same picture', () => {
  const night = zoneOf('Sleep', { kind: 'sleep', days: [7], ...hours(23, 480) });
  const drawn = shapeOf([night]).map(({ weekday, from, to }) => [weekday, from / 60, to / 60]);
  expect(drawn.sort()).toEqual([
    [1, 0, 7],
    [7, 23, 24],
  ]);
});

test('a zone says how much of it narrower ones have, and which', () => {
  const zones = [office, lunch, sleep, zoneOf('Call', { days: [1, 2], ...hours(12.5, 30) })];
  // lunch on five days, of which the call has half an hour on two
  expect(takenFrom(zones, 'Office')).toEqual({ minutes: 300, by: ['Lunch', 'Call'] });
  expect(takenFrom(zones, 'Lunch')).toEqual({ minutes: 60, by: ['Call'] });
  expect(takenFrom(zones, 'Sleep')).toEqual({ minutes: 0, by: [] });
});

test('of two zones alike the one added last has the time, in a night when clocks change too, and only the other says so', () => {
  // clocks go back in the night to 25 October: the first zone has an hour more of it than the second
  const [early, late] = [
    zoneOf('Early', { days: [6], ...hours(20, 480) }),
    zoneOf('Late', { days: [7], ...hours(1, 480) }),
  ];
  const asked = { ...withZones(early, late) };
  const onSunday = (name: string) =>
    zonesOn(asked, '2026-10-25', zone).find((one) => one.zone.id === name)?.spans;
  expect(onSunday('Early')?.map(lengthOf)).toEqual([60]);
  expect(onSunday('Late')?.map(lengthOf)).toEqual([540]);
  expect(takenFrom([early, late], 'Early')).toEqual({ minutes: 180, by: ['Late'] });
  expect(takenFrom([early, late], 'Late')).toEqual({ minutes: 0, by: [] });
});

const anyZone = fc.record({
  days: fc.uniqueArray(fc.integer({ min: 1, max: 7 })),
  from: fc.integer({ min: 0, max: 1439 }),
  minutes: fc.integer({ min: 1, max: 1440 }),
});
const anyZones = fc
  .array(anyZone, { maxLength: 8 })
  .map((all) => all.map((one, i) => zoneOf(`z${i}`, { ...one, id: `z${i}` })));

test('the picture of a frame is what its weeks get, day for day', () => {
  fc.assert(
    fc.property(anyZones, (zones) => {
      const shape = shapeOf(zones);
      expect(minutesOfWeek(shape)).toBeLessThanOrEqual(WEEK_MINUTES);
      const workspace = withZones(...zones);
      for (const day of daysOfWeek(date, 1)) {
        const midnight = dayOf(day, zone).from;
        const given = zonesOn(workspace, day, zone);
        for (const { id } of zones) {
          const ofDate = union(given.flatMap((each) => (each.zone.id === id ? each.spans : [])));
          const drawn = shape.filter((each) => each.zone.id === id && each.weekday === weekdayOf(day));
          const inMinutes = ({ from, to }: Span) => [(from - midnight) / MINUTE, (to - midnight) / MINUTE];
          expect(union(drawn).map(({ from, to }) => [from, to])).toEqual(ofDate.map(inMinutes));
        }
      }
    }),
    {
      numRuns: 60,
      // two of a length, of which one comes over midnight: both must give way in the same order
      examples: [
        [
          [
            zoneOf('z0', { id: 'z0', days: [2], from: 0, minutes: 1431 }),
            zoneOf('z1', { id: 'z1', days: [1], from: 10, minutes: 1431 }),
          ],
        ],
        // each is the only one of its day, and yet the second of the frame goes first
        [
          [
            zoneOf('z0', { id: 'z0', days: [1], from: 453, minutes: 988 }),
            zoneOf('z1', { id: 'z1', days: [2], from: 0, minutes: 988 }),
          ],
        ],
      ],
    },
  );
});

test('kinds to paint with are those of the frame, with their hours, then categories and what any week has', () => {
  const workspace = {
    ...withZones(office, lunch),
    categories: withZones().categories.with([{ id: 'Writing', name: 'Writing', hue: 'iris', rank: 0 }]),
  };
  const [frame] = workspace.frames.values();
  if (!frame) throw new Error('a frame is made above');
  const kinds = kindsOf(workspace, frame).map(({ brush, minutes }) => `${brush.name} ${minutes / 60}`);
  expect(kinds).toEqual([
    'Sleep 0',
    'Lunch 7',
    'Meals 0',
    'Travel 0',
    'Care 0',
    'Office 35',
    'Writing 0',
    'Work 0',
    'Meetings 0',
    'Catch-up 0',
    'Own time 0',
  ]);
});

test('days and hours in words follow the first day of the week and the clock', () => {
  const late = { days: [1, 2, 3, 7], ...hours(22, 180) };
  expect(timesWords(late, 1, 24)).toBe('Mon – Wed, Sun, 22:00 – 01:00, 3 h each');
  expect(timesWords(late, 7, 12)).toBe('Sun – Wed, 10:00 pm – 1:00 am, 3 h each');
  expect(timesWords({ ...late, days: [4, 5] }, 1, 24)).toBe('Thu, Fri, 22:00 – 01:00, 3 h each');
  expect(timesWords({ ...late, days: [4] }, 1, 24)).toBe('Thu, 22:00 – 01:00, 3 h');
});
