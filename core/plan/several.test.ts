import * as fc from 'fast-check';
import { placeAll } from '../commands/plan';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { MINUTE, overlaps } from '../time/span';
import { dayPlan, takenOn } from './dayPlan';
import { inPockets, inRow } from './placing';

const office = workspaceOf({
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: ['10:00', '13:30'].map((time) => meeting(`c/${time}`, time, 60)),
  blocks: [{ id: 'b', taskId: 't', start: at('12:00'), minutes: 30 }],
  tasks: ['p', 'q', 'r'].map((id) => task(id, { estimate: null })),
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
  const placed = placeAll.apply(office, { places: row.map((fitted) => ({ id: fitted.taskId, ...fitted })) });
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
        const taken = takenOn(office, dayPlan(office, date, zone));
        for (const [i, span] of found.entries()) {
          expect(taken.some((each) => overlaps(each, span))).toBe(false);
          expect(found.slice(0, i).some((each) => overlaps(each, span))).toBe(false);
          const length = tasks.find(({ taskId }) => taskId === places[i]?.taskId)?.minutes ?? 0;
          expect(span.to - span.from).toBe(length * MINUTE);
        }
      }
    }),
    { numRuns: 40 },
  );
});
