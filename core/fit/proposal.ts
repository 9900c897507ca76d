import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import { STEP } from '../plan/placing';
import type { Working } from '../working';
import type { FitAsked } from './asked';
import { mostInTime } from './bound';
import { build, type Built } from './build';
import { looked } from './effort';
import { isInTime, type Plan } from './model';
import { leftOf, type LeftOver } from './left';
import { reasonsFor, type Reason } from './reasons';

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

export type FitInput = { readonly asked: FitAsked; /** 0 to EFFORTS − 1. */ readonly effort: number };

/** The best plan that is found for what is asked; the same data give the same plan. */
export function* fit(workspace: Workspace, { asked, effort }: FitInput): Working<Proposal> {
  const built = build(workspace, asked);
  yield 0;
  const { bound, ...found } = yield* looked(built.model, effort);
  return told(workspace, asked, built, found, bound);
}

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
