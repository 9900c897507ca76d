import { randomFrom } from '../random';
import type { Working } from '../working';
import { boundOf } from './bound';
import type { FitModel } from './model';
import { search, type Found } from './search';

/** How long a fit is looked for: a first plan at once, then better ones while one looks at it; 0 to EFFORTS − 1. */
export const EFFORTS = 3;

/** So much is done at each effort, counted in quarter hours that are looked at, and no more rounds of either kind. */
const WORK = [0, 3_000_000, 60_000_000];
const ROUNDS = [0, 600, 5000];
const PRICED = [0, 30, 120];

/** The bound takes a third of the work. */
const SHARE = 1 / 3;

const SEED = 1;

/** The best plan that is found at an effort, and what none is worth more than; null where that was not looked for. */
export function* looked(model: FitModel, effort: number): Working<Found & { readonly bound: number | null }> {
  const first = yield* share(search(model, { random: randomFrom(SEED), rounds: 0 }), 0, 0.1);
  const cost = workOf(model);
  const work = WORK[effort] ?? 0;
  const priced = Math.min(PRICED[effort] ?? 0, Math.ceil((work * SHARE) / cost));
  if (priced === 0) return { ...first, bound: null };
  const { worth: bound, prices } = yield* share(boundOf(model, first.worth, priced), 0.1, 0.4);
  // a handful of jobs is placed anew in a round
  const each = (5 * cost) / Math.max(1, model.jobs.length);
  const rounds = Math.min(ROUNDS[effort] ?? 0, Math.ceil((work * (1 - SHARE)) / each));
  const better = yield* share(search(model, { random: randomFrom(SEED), rounds, prices }), 0.4, 1);
  return { ...(better.worth > first.worth ? better : first), bound };
}

/** The part of a longer work that another one is. */
function* share<A>(working: Working<A>, from: number, to: number): Working<A> {
  for (;;) {
    const step = working.next();
    if (step.done) return step.value;
    yield from + (to - from) * step.value;
  }
}

/** How many quarter hours are looked at when each job is placed once. */
const workOf = ({ jobs, at }: FitModel): number =>
  Math.max(
    1,
    jobs.reduce((sum, { units, from }) => sum + (units + 1) * Math.max(0, at.length - from), 0),
  );
