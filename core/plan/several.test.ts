import * as fc from 'fast-check';
import { placeAll } from '../commands/plan';
import { plainEvent } from '../model/event';
import { workspaceOf } from '../model/workspace';
import { MINUTE, overlaps } from '../time/span';
import { instantOf } from '../time/zone';
import { dayPlan, spanOfBlock } from './dayPlan';
import { inPockets, inRow } from './placing';

const zone = 'Europe/London';
const date = '2026-11-24';
const at = (time: string) => instantOf(`${date}T${time}`, zone);
const office = workspaceOf({
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: ['10:00', '13:30'].map((time) => ({
    ...plainEvent,
    id: `c/${time}`,
    calendarId: 'c',
    uid: time,
    title: 'Meeting',
    start: { wall: `${date}T${time}:00`, zone },
    length: { days: 0, seconds: 3600 },
  })),
  blocks: [{ id: 'b', taskId: 't', start: at('12:00'), minutes: 30 }],
  tasks: ['p', 'q', 'r'].map((id) => ({
    id,
    title: id,
    notes: '',
    listId: 'first-list',
    estimate: null,
    priority: 'normal' as const,
    due: null,
    doneAt: null,
    createdAt: 0,
    rank: 0,
  })),
});
const spans = (places: ReturnType<typeof inRow>) =>
  places.map(({ start, minutes }) => ({ from: start, to: start + minutes * MINUTE }));

test('several tasks go one after the other around meetings and blocks', () => {
  const row = inRow(
    office,
    [
      { taskId: 'p', minutes: 45 },
      { taskId: 'q', minutes: 60 },
      { taskId: 'r', minutes: 60 },
    ],
    at('09:15'),
    zone,
  );
  expect(row.map(({ start }) => new Date(start).toISOString().slice(11, 16))).toEqual([
    '09:15',
    '11:00',
    '12:30',
  ]);
  const placed = placeAll.apply(office, { places: row.map((one) => ({ id: one.taskId, ...one })) });
  expect(dayPlan(placed, date, zone).blocks).toHaveLength(4);
});

test('however long they are, they keep their order and length and meet nothing', () => {
  const lengths = fc.array(fc.integer({ min: 5, max: 240 }), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(lengths, fc.integer({ min: 0, max: 95 }), (minutes, quarter) => {
      const tasks = minutes.map((length, i) => ({ taskId: `${i}`, minutes: length }));
      for (const places of [
        inRow(office, tasks, at('00:00') + quarter * 15 * MINUTE, zone),
        inPockets(office, tasks, zone, at('08:00')),
      ]) {
        const found = spans(places);
        const { meetings, blocks } = dayPlan(office, date, zone);
        const taken = [...meetings, ...blocks.map(spanOfBlock)];
        for (const [i, span] of found.entries()) {
          expect(taken.some((one) => overlaps(one, span))).toBe(false);
          expect(found.slice(0, i).some((one) => overlaps(one, span))).toBe(false);
          const length = tasks.find(({ taskId }) => taskId === places[i]?.taskId)?.minutes ?? 0;
          expect(span.to - span.from).toBe(length * MINUTE);
        }
      }
    }),
    { numRuns: 40 },
  );
});
