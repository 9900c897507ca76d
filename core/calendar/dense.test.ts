import * as fc from 'fast-check';
import { runs } from '../fixtures/runs';
import { strangeRules } from '../fixtures/strangeRules';
import { dayPlan } from '../plan/dayPlan';
import { workspaceOf } from '../model/workspace';

import { plainEvent, type CalendarEvent } from '../model/event';
import { dayOf } from '../time/zone';
import { occurrencesOn } from './occurrences';

const zone = 'Europe/London';
const date = '2026-11-24';
const series = (i: number, rule: string, changes: Partial<CalendarEvent> = {}): CalendarEvent => ({
  ...plainEvent,
  id: `e${i}`,
  uid: `e${i}`,
  calendarId: 'own',
  title: `Logger ${i}`,
  start: { wall: '1970-01-01T00:00:00', zone },
  length: { days: 0, seconds: 60 },
  rule,
  ...changes,
});
const many = (count: number, rule: string, changes?: Partial<CalendarEvent>) =>
  workspaceOf({ events: Array.from({ length: count }, (_, i) => series(i, rule, changes)) });

test.each([
  ['FREQ=MINUTELY', 1440],
  ['FREQ=MINUTELY;COUNT=900000000', 1440],
  ['FREQ=SECONDLY', 1999],
])('%s gives %i times of a day, the first ones', (rule, count) => {
  const { events } = many(1, rule);
  const found = occurrencesOn(events, date, zone);
  expect(found.length).toBeGreaterThanOrEqual(count);
  expect(found.length).toBeLessThanOrEqual(2 * count);
  const { from } = dayOf(date, zone);
  expect(found.find((each) => each.from >= from)?.from).toBe(from);
});

test.each([
  [200, 'FREQ=MINUTELY;COUNT=900000000', {}],
  [500, 'FREQ=MINUTELY', {}],
  [500, 'FREQ=MINUTELY;BYDAY=TU', {}],
  [1000, 'FREQ=DAILY', { length: { days: 3660, seconds: 0 } }],
])(
  'of %i events of %s a day has some of each, no more than can be drawn, and is full',
  (count, rule, changes) => {
    const workspace = many(count, rule, changes);
    const found = occurrencesOn(workspace.events, date, zone);
    expect(new Set(found.map(({ eventId }) => eventId)).size).toBe(count);
    expect(found.length).toBeLessThanOrEqual(45_000);
    expect(dayPlan(workspace, date, zone).load.free).toBeLessThanOrEqual(0);
  },
);

const anyPart = fc.record({
  rule: fc.oneof(
    fc.constantFrom(...strangeRules),
    fc.constantFrom('MINUTELY', 'SECONDLY', 'HOURLY', 'DAILY', 'MINUTELY;BYDAY=TU', 'SECONDLY;INTERVAL=7'),
  ),
  count: fc.integer({ min: 1, max: 100 }),
  seconds: fc.constantFrom(0, 1, 60, 86_400, 3660 * 86_400),
});

test(
  'of any dense series together a day has no more than can be drawn',
  () => {
    fc.assert(
      fc.property(fc.array(anyPart, { minLength: 1, maxLength: 4 }), (parts) => {
        const all = parts.flatMap(({ rule, count, seconds }, part) =>
          Array.from({ length: count }, (_, i) =>
            series(part * 1000 + i, `FREQ=${rule}`, { length: { days: 0, seconds } }),
          ),
        );
        const { events } = workspaceOf({ events: all });
        expect(occurrencesOn(events, date, zone).length).toBeLessThanOrEqual(45_000);
      }),
      { numRuns: runs(3), endOnFailure: true },
    );
  },
  runs(60_000),
);
