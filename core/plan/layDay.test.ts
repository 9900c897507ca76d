import * as fc from 'fast-check';
import { layDay } from '../commands/layDay';
import { addIntention } from '../commands/intentions';
import { placeTask, putInTray } from '../commands/plan';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { plainZone } from '../model/frame';
import { firstFrame } from '../model/firstFrame';
import type { LaidBlock } from '../model/template';
import { workspaceOf } from '../model/workspace';
import { MINUTE, overlaps, type Span } from '../time/span';
import { timeOf } from '../time/zone';
import { itemsOn } from './routines';
import { laidOn, layBlocks, layoutOf } from './layDay';
import { pockets } from './placing';

const office = { ...plainZone, id: 'work', name: 'Office', kind: 'work' as const, days: [1, 2, 3, 4, 5] };
const base = workspaceOf({
  frames: [{ ...firstFrame(), zones: [{ ...office, from: 9 * 60, minutes: 8 * 60 }] }],
  tasks: [task('Report'), task('Post', { estimate: 20 })],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: [meeting('hearing', `${date}T10:00:00`, 120)],
});
const block = (title: string, from: string, minutes: number): LaidBlock => ({ title, at: from, minutes });
const laid = (blocks: readonly LaidBlock[], now = at('06:00'), workspace = base) =>
  layBlocks(workspace, blocks, date, zone, now).map(
    ({ block: { title }, start, isMoved }) =>
      `${title} ${start === null ? 'tray' : timeOf(start, zone)}${isMoved ? ' moved' : ''}`,
  );

test('blocks stand at their own hours where these are free, and as near as can be where a meeting is', () => {
  expect(laid([block('Write', '10:30', 60), block('Post', '09:00', 30), block('Late', '19:00', 30)])).toEqual(
    ['Post 09:00', 'Write 12:00 moved', 'Late 19:00'],
  );
  // half past nine is nearer to ten than noon is
  expect(laid([block('Letters', '10:00', 30)])).toEqual(['Letters 09:30 moved']);
});

test('what has no room whole goes into the tray, and what would lie in the past moves on', () => {
  expect(laid([block('Survey', '09:00', 400)])).toEqual(['Survey tray moved']);
  expect(laid([block('Write', '09:00', 60)], at('13:10'))).toEqual(['Write 13:15 moved']);
});

test('no two blocks share time, none lies over a meeting, and none that was moved could be nearer', () => {
  const some = fc.record({
    title: fc.constant('Work'),
    at: fc.integer({ min: 0, max: 95 }).map((quarter) => timeOf(at('00:00') + quarter * 15 * MINUTE, zone)),
    minutes: fc.integer({ min: 1, max: 12 }).map((quarters) => quarters * 15),
  });
  fc.assert(
    fc.property(fc.array(some, { maxLength: 7 }), fc.integer({ min: 0, max: 20 }), (blocks, hour) => {
      const now = at('00:00') + hour * 60 * MINUTE;
      const all = layBlocks(base, blocks, date, zone, now);
      expect(all).toHaveLength(blocks.length);
      const spans = all.flatMap(({ start, block: { minutes } }): Span[] =>
        start === null ? [] : [{ from: start, to: start + minutes * MINUTE }],
      );
      const busy = [{ from: at('10:00'), to: at('12:00') }];
      spans.forEach((span, i) => {
        expect(span.from).toBeGreaterThanOrEqual(now);
        for (const other of [...busy, ...spans.slice(i + 1)]) expect(overlaps(span, other)).toBe(false);
      });
      // the first that was moved had only what stands at its own hour around it
      const moved = all.filter(({ isMoved }) => isMoved).sort((a, b) => a.block.at.localeCompare(b.block.at));
      const [first, second] = moved;
      if (!first || first.block.at === second?.block.at) return;
      const standing = all.flatMap(({ isMoved, start, block: { minutes } }) =>
        isMoved || start === null ? [] : [{ from: start, to: start + minutes * MINUTE }],
      );
      const wished = at(first.block.at);
      const free = (from: number) => {
        const span = { from, to: from + first.block.minutes * MINUTE };
        return (
          pockets(base, date, zone, now).some((pocket) => pocket.from <= span.from && span.to <= pocket.to) &&
          !standing.some((other) => overlaps(span, other))
        );
      };
      const best = Array.from({ length: 96 }, (_, i) => at('00:00') + i * 15 * MINUTE)
        .filter(free)
        .sort((a, b) => Math.abs(a - wished) - Math.abs(b - wished) || a - b)[0];
      expect(first.start).toBe(best ?? null);
    }),
  );
});

test('a day that is kept and laid out elsewhere has the same hours, tray, intentions and checklist there', () => {
  const elsewhere = '2026-11-27';
  const planned = placeTask.apply(base, { id: 'b', taskId: 'Report', start: at('14:00'), minutes: 90 });
  const trayed = putInTray.apply(planned, { id: 't', taskId: 'Post', date });
  const day = addIntention.apply(trayed, { id: 'i', text: 'Go home', span: 'day', date, doneAt: null });
  const line = { id: 'line', text: 'Timesheet', at: 'close' as const };
  const listed = layDay.apply(day, { date, all: [], intentions: [], checklist: [line] });
  const layout = layoutOf(listed, date, zone);
  expect(layout).toMatchObject({
    blocks: [{ title: 'Report', at: '14:00', minutes: 90 }],
    tray: [{ title: 'Post', estimate: 20 }],
    intentions: ['Go home'],
    checklist: [{ text: 'Timesheet', at: 'close' }],
  });
  expect(itemsOn(listed, date, 'close').map(({ text }) => text)).toEqual(['Timesheet']);
  expect(itemsOn(listed, elsewhere, 'close')).toEqual([]);
  const there = laidOn(listed, layout, elsewhere, zone, at('06:00'));
  expect(there.blocks.map(({ start }) => start)).toEqual([at('14:00', elsewhere)]);
  expect(there.there).toEqual([]);
  // where it stands already nothing comes twice
  expect(laidOn(listed, layout, date, zone, at('06:00'))).toMatchObject({
    blocks: [],
    tray: [],
    intentions: [],
    checklist: [],
    there: ['Report', 'Post', 'Go home', 'Timesheet'],
  });
});
