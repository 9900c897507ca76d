import * as fc from 'fast-check';
import { moveEvent } from '../commands/events';
import { at, meeting, task, zone } from '../fixtures/make';
import type { Calendar } from '../model/event';
import { emptyWorkspace, workspaceOf } from '../model/workspace';
import { isOverdue, lastInstant, meetingNeeding } from '../tasks/deadline';
import { doneWords } from '../tasks/doneWords';
import { inOrder } from '../tasks/order';
import { MINUTE, overlaps, type Span } from '../time/span';
import { dateOf, dayOf, wallOf } from '../time/zone';
import { dayPlan, takenOn, takenWholeBy } from './dayPlan';
import { shareWidth } from './lanes';
import { proposals, snap, startOn } from './placing';

const day = workspaceOf({
  tasks: [task('report', { estimate: 90 }), task('waders', { estimate: 20 })],
  events: [
    meeting('Crew call', '09:00', 30),
    meeting('Forum', '11:30', 30),
    meeting('Lunch talk', '12:00', 60, { busy: false }),
  ],
  blocks: [{ id: 'b', taskId: 'report', start: at('13:00'), minutes: 90 }],
  tray: [{ id: 't', taskId: 'waders', date: '2026-11-24' }],
});

test('room is working hours minus busy meetings; the tray counts as planned', () => {
  expect(dayPlan(day, '2026-11-24', zone).load).toEqual({
    capacity: 480,
    meetings: 60,
    buffers: 0,
    room: 420,
    planned: 110,
    inTray: 20,
    free: 310,
  });
  expect(dayPlan(day, '2026-11-28', zone).load.capacity).toBe(0);
});

test('a day is taken whole by what is busy over all of it, or over all of its working hours', () => {
  const takenBy = (minutes: number, changed = {}) => {
    const fieldDay = meeting('Field day', '08:00', minutes, changed);
    return takenWholeBy(dayPlan(workspaceOf({ events: [fieldDay] }), '2026-11-24', zone))?.title;
  };
  expect(takenBy(10 * 60)).toBe('Field day');
  expect(takenBy(4 * 60)).toBeUndefined();
  const whole = { start: { wall: '2026-11-24', zone: null }, length: { days: 1, seconds: 0 } };
  expect(takenBy(0, whole)).toBe('Field day');
  expect(takenBy(0, { ...whole, busy: false })).toBeUndefined();
});

test('a block across midnight counts on each day only with its own part', () => {
  const late = workspaceOf({
    tasks: day.tasks.values(),
    blocks: [{ id: 'b', taskId: 'report', start: at('23:30'), minutes: 90 }],
  });
  expect([
    dayPlan(late, '2026-11-24', zone).load.planned,
    dayPlan(late, '2026-11-25', zone).load.planned,
  ]).toEqual([30, 60]);
});

test('places are proposed from now on, whole, and collide with nothing', () => {
  const starts = proposals(day, 90, zone, at('09:10'), 3).map(({ from }) => wallOf(from, zone).slice(5, 16));
  expect(starts).toEqual(['11-24T09:30', '11-24T14:30', '11-25T09:00']);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 400 }), fc.nat(3000), (minutes, later) => {
      const now = at('00:00') + later * MINUTE;
      for (const place of proposals(day, minutes, zone, now)) {
        const taken = takenOn(day, dayPlan(day, dateOf(place.from, zone), zone));
        expect(taken.some((span) => overlaps(span, place))).toBe(false);
        expect(place.from).toBeGreaterThanOrEqual(now);
      }
    }),
    { numRuns: 40 },
  );
});

test('starts fall on quarter hours of the day', () => {
  expect(wallOf(snap(at('10:08'), at('00:00')), zone)).toBe('2026-11-24T10:15:00');
});

test('wherever something is let go, it starts on a quarter hour of that day', () => {
  const anyDay = fc.constantFrom('2026-11-24', '2026-03-29', '2026-10-25').map((date) => dayOf(date, zone));
  fc.assert(
    fc.property(anyDay, fc.integer({ min: -300, max: 1800 }), (span, minutes) => {
      const start = startOn(span.from + minutes * MINUTE, span);
      expect(start).toBeGreaterThanOrEqual(span.from);
      expect(start).toBeLessThan(span.to);
      expect((start - span.from) % (15 * MINUTE)).toBe(0);
    }),
  );
});

test('what overlaps shares the width and nothing lies on anything else', () => {
  const items = fc.array(
    fc.tuple(fc.nat(100), fc.integer({ min: 1, max: 40 })).map(([from, n]): Span => ({ from, to: from + n })),
    { maxLength: 40 },
  );
  fc.assert(
    fc.property(items, (spans) => {
      const placed = shareWidth(spans);
      expect(placed).toHaveLength(spans.length);
      for (const a of placed) {
        expect(a.lane).toBeLessThan(a.lanes);
        for (const b of placed) {
          if (a !== b && overlaps(a.item, b.item)) expect([a.lane, a.lanes]).not.toEqual([b.lane, a.lanes]);
          if (a !== b && overlaps(a.item, b.item)) expect(a.lanes).toBe(b.lanes);
        }
      }
    }),
  );
});

describe('deadlines', () => {
  const due = task('permit', { due: { date: '2026-11-24', time: '14:00' } });
  const needed = task('papers', { neededBy: { eventId: 'Forum', recurrence: '2026-11-24T11:30:00' } });
  test('a task needed by a meeting must be done before it begins, wherever the meeting moves', () => {
    expect(lastInstant(needed, day.events, zone)).toBe(at('11:30'));
    const changes = { start: { wall: '2026-11-24T15:00:00', zone } };
    const later = moveEvent.apply(day, {
      id: 'Forum',
      recurrence: '2026-11-24T11:30:00',
      scope: 'all',
      newId: 'x',
      changes,
    });
    expect(isOverdue(needed, later.events, zone, at('15:00') - 1)).toBe(false);
    expect(isOverdue(needed, later.events, zone, at('15:01'))).toBe(true);
    expect(meetingNeeding(needed, later.events.with([], ['Forum']), zone)).toBeUndefined();
  });
  test('an open task is overdue from its hour on, a done one never', () => {
    expect([
      isOverdue(due, day.events, zone, at('13:59')),
      isOverdue(due, day.events, zone, at('14:00')),
      isOverdue({ ...due, doneAt: 1 }, day.events, zone, at('15:00')),
    ]).toEqual([false, true, false]);
  });
  test('ticking off says how it went', () => {
    expect(doneWords(due, day.events, 88, zone, at('13:00'))).toBe(
      'Done: took 1 h 28, 28 min over its estimate · 1 h before it was due',
    );
    expect(doneWords(needed, day.events, 0, zone, at('11:00'))).toBe('Done: 30 min before Forum');
    expect(doneWords(needed, day.events, 0, zone, at('12:00'))).toBe('Done: 30 min after Forum began');
    expect(doneWords(task('x'), day.events, 0, zone, 0)).toBe('Done');
  });
});

test('orders put what has no date or estimate last', () => {
  const tasks = [
    task('a', { estimate: null }),
    task('b', { due: { date: '2026-11-25', time: null } }),
    task('c', { priority: 'urgent', estimate: 5 }),
  ];
  expect(
    (['due', 'priority', 'estimate'] as const).map(
      (order) => inOrder(tasks, order, emptyWorkspace.events, zone)[0]?.id,
    ),
  ).toEqual(['b', 'c', 'c']);
});

describe('calendars as layers', () => {
  const withCalendar = (changes: Partial<Calendar>) => ({
    ...day,
    calendars: day.calendars.with([
      { id: 'c', name: 'Ines', source: 'ines.ics', hue: 'iris' as const, kept: [], ...changes },
    ]),
  });

  test('a hidden calendar is not drawn and takes no time', () => {
    const plan = dayPlan(withCalendar({ hidden: true }), '2026-11-24', zone);
    expect([plan.meetings.length, plan.load.meetings]).toEqual([0, 0]);
  });

  test('a calendar that one only plans around is drawn, and leaves one free', () => {
    const plan = dayPlan(withCalendar({ around: true }), '2026-11-24', zone);
    expect([plan.meetings.length, plan.load.meetings]).toEqual([3, 0]);
    expect(plan.meetings.every(({ busy }) => !busy)).toBe(true);
  });

  test('another person’s calendar takes one’s time only if that is said', () => {
    const own = dayPlan(day, '2026-11-24', zone).load.meetings;
    const loadOf = (changes: Partial<Calendar>) =>
      dayPlan(withCalendar(changes), '2026-11-24', zone).load.meetings;
    expect(loadOf({ around: true, takesTime: true })).toBe(own);
    expect(loadOf({ takesTime: false })).toBe(0);
  });
});
