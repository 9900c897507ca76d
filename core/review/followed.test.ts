import * as fc from 'fast-check';
import { at, date, task, zone } from '../fixtures/make';
import type { Block, TimeEntry } from '../model/plan';
import { workspaceOf } from '../model/workspace';
import { MINUTE, minutesOf } from '../time/span';
import { dayOf, instantOf } from '../time/zone';
import { followed, followedBy, followedPercent } from './followed';
import { ledger } from './ledger';
import { targetsOverWeeks } from './targetWeeks';

const tasks = ['a', 'b'].map((id) => task(id, { category: id }));
const block = (taskId: string, start: number, minutes: number, id = `${taskId} ${start}`): Block => ({
  id,
  taskId,
  start,
  minutes,
});
const entry = (taskId: string, from: number, minutes: number, id = `${taskId} ${from}`): TimeEntry => ({
  id,
  subject: { kind: 'task', taskId },
  from,
  to: from + minutes * MINUTE,
});
const rowsOf = (blocks: Block[], entries: TimeEntry[], range = dayOf(date, zone)) =>
  ledger(workspaceOf({ tasks, blocks, entries }), range, zone, range.to).rows;

test('what went as planned, otherwise, and without a record are all that was planned or recorded', () => {
  const things = fc.array(
    fc.tuple(fc.constantFrom('a', 'b'), fc.integer({ min: 0, max: 1300 }), fc.integer({ min: 1, max: 140 })),
    { maxLength: 8 },
  );
  const midnight = instantOf(date, zone);
  fc.assert(
    fc.property(things, things, (planned, actual) => {
      const blocks = planned.map(([id, at, m], i) => block(id, midnight + at * MINUTE, m, `${i}`));
      const entries = actual.map(([id, at, m], i) => entry(id, midnight + at * MINUTE, m, `${i}`));
      const rows = rowsOf(blocks, entries);
      const { asPlanned, otherwise, nothing } = followed(rows);
      const all = rows.flatMap(({ spans }) => [...spans.planned, ...spans.actual]);
      expect(asPlanned + otherwise + nothing).toBe(minutesOf(all));
      expect(asPlanned + otherwise).toBe(minutesOf(rows.flatMap(({ spans }) => spans.actual)));
      const hours = followedBy(rows, 'hour', zone);
      expect(hours.reduce((sum, hour) => sum + hour.followed.asPlanned, 0)).toBe(asPlanned);
    }),
  );
});

test('a day told by hand', () => {
  const rows = rowsOf(
    [block('a', at('09:00'), 60), block('b', at('10:00'), 60)],
    [entry('a', at('09:15'), 60), entry('b', at('14:00'), 30)],
  );
  const told = { asPlanned: 45, otherwise: 45, nothing: 60 };
  expect(followed(rows)).toEqual(told);
  expect(followedPercent(told)).toBe(30);
  expect(followedBy(rows, 'weekday', zone)).toEqual([{ key: 2, followed: told }]);
});

test('a target is kept or missed week by week, and it says what was never begun', () => {
  const workspace = workspaceOf({
    tasks,
    targets: [{ id: 'a', category: 'a', least: 120, most: 180 }],
    blocks: [block('a', at('09:00', '2026-11-17'), 90)],
    entries: [
      entry('a', at('09:00', '2026-11-10'), 130),
      entry('a', at('09:00', '2026-11-18'), 60),
      entry('b', at('12:00', '2026-11-18'), 60),
      entry('a', at('09:00', '2026-11-24'), 200),
    ],
  });
  const range = { from: instantOf('2026-11-09', zone), to: instantOf('2026-12-01', zone) };
  const { rows } = ledger(workspace, range, zone, range.to);
  const [told] = targetsOverWeeks(workspace, rows, { from: '2026-11-09', until: '2026-11-29' }, zone);
  expect(
    told?.weeks.map(({ week, done, short, over, notStarted }) => [week, done, short, over, notStarted]),
  ).toEqual([
    ['2026-11-09', 130, 0, 0, 0],
    ['2026-11-16', 60, 60, 0, 90],
    ['2026-11-23', 200, 0, 20, 0],
  ]);
});
