import * as fc from 'fast-check';
import { demoWorkspace } from '@/demo/generate';
import { stretchAround, units, type Unit } from '../../time/stretch';
import { addDays, instantOf } from '../../time/zone';
import { againsts, type ReviewAsked } from '../asked';
import { groupings, hasPrivate } from '../grouping';
import { ledger } from '../ledger';
import { together } from '../lines';
import { rowsIn } from '../rowsIn';
import { atOnce } from '../../working';
import { distance } from './pictures';
import { pictureSays } from './pictureSays';
import { lineOf, rowsShown, toldOf } from './told';

const zone = 'Europe/London';
const now = instantOf('2026-11-24T11:20', zone);
const office = demoWorkspace({ seed: 5, now, zone });

const anyAsked = fc
  .record({
    unit: fc.constantFrom<Unit>(...units),
    back: fc.integer({ min: -10, max: 70 }),
    by: fc.constantFrom(...groupings),
    hours: fc.constantFrom('all', 'in', 'out'),
    against: fc.constantFrom(...againsts),
    withoutPrivate: fc.boolean(),
  })
  .map(({ unit, back, ...rest }): ReviewAsked => ({
    stretch: stretchAround(unit, addDays('2026-11-24', -back), 1),
    zone,
    now,
    ...rest,
  }));

test('whatever is asked, the lines add up to the sums, every picture says something, and a line opens to what it says', () => {
  fc.assert(
    fc.property(anyAsked, (asked) => {
      const told = atOnce(toldOf(office, asked));
      const { left, right } = together(told.lines);
      expect(right).toBe(told.sums.actual);
      expect(left).toBe(told.then ? told.then.sums.actual : told.sums.planned);
      for (const picture of told.pictures)
        expect(pictureSays(picture, { clock: 24, dates: 'dayFirst' })).not.toMatch(/NaN|undefined|Infinity/);
      expect(new Set(told.pictures.map(({ kind }) => kind)).size).toBe(told.pictures.length);
      const line = told.lines.find(({ count }) => count > 0);
      const opened = line && atOnce(lineOf(office, { ...asked, key: line.key }));
      if (line) expect([opened?.sums.actual, opened?.count]).toEqual([line.right, line.count]);
    }),
    { numRuns: 30 },
  );
});

test('rows worked out week by week are those of the whole, and tell how far they have come', () => {
  const range = { from: instantOf('2026-10-14', zone), to: now };
  const working = rowsIn(office, { range, zone, now, yardstick: 'last' });
  const shares: number[] = [];
  let step = working.next();
  for (; !step.done; step = working.next()) shares.push(step.value);
  expect(step.value).toEqual(ledger(office, range, zone, now).rows);
  expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  expect(shares.at(-1)).toBe(1);
});

test('without what is private neither its category nor the hours of one’s own time are told', () => {
  expect(
    hasPrivate({
      ...office,
      frames: office.frames.with(
        [],
        [...office.frames.values()].map(({ id }) => id),
      ),
    }),
  ).toBe(false);
  const writing = office.categories.get('Writing');
  if (!writing) throw new Error('the demo has no Writing');
  const open = { ...office, categories: office.categories.with([{ ...writing, private: true }]) };
  const range = { from: instantOf('2026-11-02', zone), to: instantOf('2026-11-09', zone) };
  const { rows } = ledger(open, range, zone, now);
  const shown = rowsShown(open, rows, { hours: 'all', zone, withoutPrivate: true });
  expect(rows.some(({ categoryId }) => categoryId === 'Writing')).toBe(true);
  expect(shown.some(({ categoryId }) => categoryId === 'Writing')).toBe(false);
  expect(rowsShown(open, rows, { hours: 'all', zone, withoutPrivate: false })).toBe(rows);
});

test('figures are as far apart as what they do not share', () => {
  const some = fc
    .dictionary(fc.constantFrom('a', 'b', 'c'), fc.nat(500))
    .map((all) => new Map(Object.entries(all)));
  fc.assert(
    fc.property(some, some, (one, other) => {
      expect(distance(one, one)).toBe(0);
      expect(distance(one, other)).toBe(distance(other, one));
      expect(distance(one, other)).toBeGreaterThanOrEqual(0);
      expect(distance(one, other)).toBeLessThanOrEqual(1);
    }),
  );
  expect(distance(new Map([['a', 30]]), new Map([['a', 60]]))).toBe(0.5);
});
