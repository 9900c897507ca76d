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
