import * as fc from 'fast-check';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { MINUTE, overlaps } from '../time/span';
import { dayOf, wallOf } from '../time/zone';
import { dayPlan, takenOn } from './dayPlan';
import { gapsAhead, startIn, startsBetween } from './between';

const block = (id: string, wall: string, minutes: number) => ({
  id,
  taskId: 'Report',
  start: at(wall),
  minutes,
});
const day = workspaceOf({
  tasks: [task('Report'), task('Nets', { doneAt: at('08:00') })],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: [meeting('c/x', `${date}T14:00:00`, 60)],
  blocks: [
    block('a', '10:00', 60),
    block('b', '11:30', 30),
    block('c', '15:00', 45),
    { ...block('d', '13:00', 30), taskId: 'Nets' },
  ],
});
const wall = (instant: number) => wallOf(instant, zone).slice(11, 16);

test('a gap lies before, between and after what is ahead; what is done has none around it', () => {
  const gaps = gapsAhead(day, date, zone, at('09:20'));
  expect(gaps.map(({ from, to }) => `${wall(from)}-${wall(to)}`)).toEqual([
    '09:20-10:00',
    '11:00-11:30',
    '12:00-14:00',
    '15:00-15:00',
    '15:45-00:00',
  ]);
  expect(gapsAhead(day, date, zone, at('16:00'))).toEqual([{ from: at('16:00'), to: dayOf(date, zone).to }]);
});

test('what is put there gets the hours that are free, else begins as the gap does', () => {
  const starts = (minutes: number) => startsBetween(day, date, minutes, zone, at('09:20')).map(wall);
  expect(starts(30)).toEqual(['09:30', '11:00', '12:00', '15:00', '15:45']);
  // too long for the first two, whose hours it gets all the same
  expect(starts(60)).toEqual(['09:30', '11:00', '12:00', '15:00', '15:45']);
});

test('what is put anywhere stays in its gap, and overlaps nothing where there is room', () => {
  const anyBlock = fc.tuple(fc.integer({ min: 8 * 4, max: 18 * 4 }), fc.integer({ min: 1, max: 8 }));
  fc.assert(
    fc.property(
      fc.array(anyBlock, { maxLength: 8 }),
      fc.nat(1400),
      fc.integer({ min: 1, max: 12 }),
      (blocks, later, quarters) => {
        const now = at('00:00') + later * MINUTE;
        const made = blocks.map(([quarter, length], i) => ({
          ...block(`b${i}`, '00:00', length * 15),
          start: at('00:00') + quarter * 15 * MINUTE,
        }));
        const workspace = workspaceOf({ tasks: [task('Report')], blocks: made });
        const taken = takenOn(workspace, dayPlan(workspace, date, zone));
        const gaps = gapsAhead(workspace, date, zone, now);
        expect(gaps.map(({ from }) => from)).toEqual(gaps.map(({ from }) => from).sort((a, b) => a - b));
        for (const gap of gaps) {
          const from = startIn(workspace, date, gap, quarters * 15, zone, now);
          expect(from).toBeGreaterThanOrEqual(gap.from);
          expect(from).toBeLessThanOrEqual(gap.to);
          const place = { from, to: from + quarters * 15 * MINUTE };
          const hasRoom = place.to <= gap.to && from > gap.from;
          if (hasRoom) expect(taken.some((span) => overlaps(span, place))).toBe(false);
        }
      },
    ),
  );
});
