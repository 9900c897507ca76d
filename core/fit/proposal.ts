import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { randomFrom } from '../random';
import { MINUTE } from '../time/span';
import { STEP } from '../plan/placing';
import type { Working } from '../working';
import type { FitAsked } from './asked';
import { boundOf, mostInTime } from './bound';
import { build, type Built } from './build';
import { isInTime, type FitModel, type Plan } from './model';
import { leftOf, type LeftOver } from './left';
import { reasonsFor, type Reason } from './reasons';
import { search } from './search';

/** A sitting that is proposed, with why it lies there. Minutes; start in epoch ms. */
export type Sitting = {
  readonly taskId: Id;
  /** Small tasks that share the block. */
  readonly holds: readonly Id[];
  readonly start: number;
  readonly minutes: number;
  readonly reasons: readonly Reason[];
};

export type Proposal = {
  readonly sittings: readonly Sitting[];
  readonly left: readonly LeftOver[];
  /** How many tasks are done in time (or within the days that are planned, if they are due later or never), of how many, and the most that any plan gets in time. */
  readonly inTime: number;
  readonly count: number;
  readonly most: number;
  /** How many of them have no estimate, and count with the usual length. */
  readonly unestimated: number;
  /** What the plan is worth, and what none is worth more than; null while that is not known. */
  readonly worth: number;
  readonly bound: number | null;
};

/** How long a fit is looked for: a first plan at once, then better ones while one looks at it. */
export const EFFORTS = 3;

export type FitInput = { readonly asked: FitAsked; /** 0 to EFFORTS − 1. */ readonly effort: number };

/** So much work is done at each effort, counted in quarter hours that are looked at. */
const WORK = [0, 12_000_000, 90_000_000];
const ROUNDS = [0, 1500, 12_000];
const MOST_PRICED = [0, 60, 160];

/** The best plan that is found for what is asked; the same data give the same plan. */
export function* fit(workspace: Workspace, { asked, effort }: FitInput): Working<Proposal> {
  const built = build(workspace, asked);
  yield 0.05;
  const { model } = built;
  const first = yield* share(search(model, { random: randomFrom(SEED), rounds: 0 }), 0.05, 0.1);
  const cost = workOf(model);
  const priced = Math.min(MOST_PRICED[effort] ?? 0, Math.ceil((WORK[effort] ?? 0) / 4 / cost));
  if (priced === 0) return told(workspace, asked, built, first, null);
  const bound = yield* share(boundOf(model, first.worth, priced), 0.1, 0.4);
  const each = cost / Math.max(1, model.jobs.length);
  const rounds = Math.min(ROUNDS[effort] ?? 0, Math.ceil((WORK[effort] ?? 0) / 4 / each));
  const { prices } = bound;
  const better = yield* share(search(model, { random: randomFrom(SEED), rounds, prices }), 0.4, 1);
  return told(workspace, asked, built, better.worth > first.worth ? better : first, bound.worth);
}

const SEED = 1;

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

function told(
  workspace: Workspace,
  asked: FitAsked,
  built: Built,
  { plan, worth }: { plan: Plan; worth: number },
  bound: number | null,
): Proposal {
  const { model, wanted } = built;
  const countOf = (i: number) => wanted[i]?.tasks.length ?? 0;
  const inTime = model.jobs.reduce((sum, job, i) => sum + (isInTime(job, plan[i] ?? []) ? countOf(i) : 0), 0);
  return {
    sittings: sittingsOf(workspace, asked, built, plan),
    left: leftOf(workspace, asked, built, plan),
    inTime,
    count: wanted.reduce((sum, { tasks }) => sum + tasks.length, 0),
    most: Math.max(
      inTime,
      mostInTime(
        model,
        wanted.map(({ tasks }) => tasks.length),
      ),
    ),
    unestimated: wanted.flatMap(({ tasks }) => tasks).filter(({ estimate }) => estimate === null).length,
    worth,
    bound: bound === null ? null : Math.max(bound, worth),
  };
}

/** The sittings of a plan by time, each as long as its work: what is no whole quarter hour is left out at the end of the last. */
function sittingsOf(workspace: Workspace, asked: FitAsked, built: Built, plan: Plan): Sitting[] {
  const { model, wanted } = built;
  const all = wanted.flatMap(({ tasks: [task, ...others], minutes }, i) => {
    let open = minutes;
    return (plan[i] ?? []).map((piece, k): Sitting => {
      const own = Math.min(open, piece.units * STEP);
      open -= own;
      return {
        taskId: task.id,
        holds: others.map(({ id }) => id),
        start: model.at[piece.from] ?? 0,
        minutes: Math.round(own),
        reasons: reasonsFor(workspace, asked, built, plan, i, k),
      };
    });
  });
  return all.sort((a, b) => a.start - b.start);
}

export const endOfSitting = ({ start, minutes }: Pick<Sitting, 'start' | 'minutes'>): number =>
  start + minutes * MINUTE;
