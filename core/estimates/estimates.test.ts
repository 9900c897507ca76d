import * as fc from 'fast-check';
import { atOnce } from '../working';
import { DAY } from '../time/span';
import { randomFrom } from '@/core/random';
import { backtest } from './backtest';
import { forecast, habitsOf, ratiosOf } from './habits';
import type { Observation } from './observations';
import { distributionOf, quantile } from './weighted';

const now = 2000 * DAY;

type Person = {
  /** By how much each kind of work takes longer than estimated. */
  readonly factors: readonly number[];
  /** How far single tasks lie apart, as the standard deviation of their logarithms. */
  readonly spread: number;
  /** How many of a hundred take five times as long. */
  readonly outliers: number;
  /** How many times larger the factors are at the end than at the beginning. */
  readonly drift: number;
};

/** Someone's finished tasks, one a day, who estimates by these habits. */
function record(person: Person, count: number, seed: number): Observation[] {
  const random = randomFrom(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  return Array.from({ length: count }, (_, i) => {
    const kind = Math.floor(random() * person.factors.length);
    const estimate = [15, 30, 45, 60, 90, 120][Math.floor(random() * 6)] ?? 30;
    const drift = person.drift ** (i / count);
    const outlier = random() * 100 < person.outliers ? 5 : 1;
    const factor = (person.factors[kind] ?? 1) * drift * outlier * Math.exp(person.spread * normal());
    return {
      id: `${i}`,
      title: `Task ${i}`,
      kind: `category ${kind}`,
      listId: 'list',
      categoryId: `${kind}`,
      estimate,
      actual: Math.max(1, Math.round(estimate * factor)),
      at: now - (count - i) * DAY,
      hour: 9,
      open: false,
    };
  });
}

/** Enough people that chance does not decide: more of those who have done little. */
const seedsFor = (count: number) => Array.from({ length: count < 100 ? 60 : 12 }, (_, i) => i + 1);
const mean = (numbers: readonly number[]) => numbers.reduce((sum, one) => sum + one, 0) / numbers.length;
const tested = (person: Person, count: number) => {
  const all = seedsFor(count).map((seed) => atOnce(backtest(record(person, count, seed))));
  return {
    within: mean(all.map((one) => one?.within ?? 0)),
    given: mean(all.map((one) => Math.log(one?.given ?? 1))),
    forecast: mean(all.map((one) => Math.log(one?.forecast ?? 1))),
  };
};

const habits: Person = { factors: [1.5, 1.9, 0.6, 1.4], spread: 0.25, outliers: 0, drift: 1 };

test.each<[string, Person, number]>([
  ['factors by kind', habits, 300],
  ['heavy tails', { ...habits, outliers: 6 }, 300],
  ['a habit that grows over the years', { ...habits, factors: [1.3, 1.6, 1.2], drift: 1.6 }, 700],
  ['few tasks', { ...habits, factors: [1.7, 1.8] }, 40],
  ['much spread', { ...habits, factors: [2.2, 2.6, 2], spread: 0.5 }, 300],
])(
  'with %s four of five lie in the range, and forecasts are off by a third less than estimates',
  (_, person, count) => {
    const { within, given, forecast: foreseen } = tested(person, count);
    expect(within).toBeGreaterThanOrEqual(0.75);
    expect(within).toBeLessThanOrEqual(0.85);
    expect(foreseen).toBeLessThanOrEqual((2 / 3) * given);
  },
);

test('where there is nothing to learn forecasts are no worse than estimates', () => {
  for (const count of [30, 80, 300]) {
    const {
      within,
      given,
      forecast: foreseen,
    } = tested({ factors: [1, 1, 1], spread: 0.4, outliers: 0, drift: 1 }, count);
    expect(foreseen).toBeLessThanOrEqual(1.02 * given);
    expect(within).toBeGreaterThanOrEqual(0.75);
    expect(within).toBeLessThanOrEqual(0.85);
  }
});

test('neither the order of tasks nor a wild one changes much, and nothing at all is told of nothing', () => {
  const own = record(habits, 60, 3);
  const asked = { kind: 'category 1', title: 'New', estimate: 60 };
  const told = forecast(habitsOf(own, now), asked);
  fc.assert(
    fc.property(fc.shuffledSubarray(own, { minLength: own.length }), (shuffled) => {
      const again = forecast(habitsOf(shuffled, now), asked);
      expect(again.middle).toBeCloseTo(told.middle, 6);
      expect(again.high).toBeCloseTo(told.high, 6);
    }),
    { numRuns: 20 },
  );
  const first = own.find(({ kind }) => kind === 'category 1');
  const wild = own.map((one) => (one === first ? { ...one, actual: 5400 } : one));
  expect(forecast(habitsOf(wild, now), asked).middle / told.middle).toBeLessThan(1.25);
  expect(forecast(habitsOf([], now), asked)).toMatchObject({ middle: 60, ratio: 1, count: 0, by: 'all' });
  expect(ratiosOf([], now)).toBeUndefined();
  expect(atOnce(backtest([]))).toBeNull();
});

test('an open task that has taken longer than estimated makes the range longer, not shorter', () => {
  const own = record({ ...habits, factors: [1.3] }, 20, 4);
  const [some] = own;
  if (!some) throw new Error('none');
  const open = Array.from({ length: 6 }, (_, i) => ({
    ...some,
    id: `open ${i}`,
    actual: 3 * some.estimate,
    open: true,
  }));
  const asked = { kind: 'category 0', title: 'New', estimate: 60 };
  const [without, withOpen] = [own, [...own, ...open]].map((all) => forecast(habitsOf(all, now), asked));
  expect(withOpen?.middle).toBeGreaterThan(without?.middle ?? 0);
  expect(withOpen?.high).toBeGreaterThan(without?.high ?? 0);
});

test('a title that was done several times tells more than its kind', () => {
  const own = [
    ...record(habits, 60, 5),
    ...record({ ...habits, factors: [3] }, 8, 6).map((one, i) => ({
      ...one,
      id: `again ${i}`,
      title: 'Sensor  Log',
    })),
  ];
  const told = forecast(habitsOf(own, now), { kind: 'category 0', title: 'sensor log', estimate: 60 });
  expect(told).toMatchObject({ by: 'title', count: 8 });
  expect(told.ratio).toBeGreaterThan(1.8);
});

test('parts of a distribution lie where they should, and what is censored moves them up', () => {
  const even = Array.from({ length: 99 }, (_, i) => ({ value: i + 1, weight: 1, censored: false }));
  expect(quantile(distributionOf(even), 0.5)).toBeCloseTo(50, 6);
  const cut = even.map((one) => ({ ...one, censored: one.value % 3 === 0 }));
  expect(quantile(distributionOf(cut), 0.5)).toBeGreaterThan(50);
  expect(quantile([], 0.5)).toBeUndefined();
});
