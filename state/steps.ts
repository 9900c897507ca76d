import type { Change } from '@/core/commands/changes';

/** One step that can be undone, with the words that name it. One that came from `outside` is undone by name, not as the last thing done. */
export type Step = {
  readonly label: string;
  readonly changes: readonly Change[];
  readonly outside?: boolean;
};

/** What was done, and what of it was undone and can be done again. */
export type Steps = { readonly past: readonly Step[]; readonly future: readonly Step[] };

export const noSteps: Steps = { past: [], future: [] };

const MOST_STEPS = 200;

/** After one more step; what was undone before can't be done again any more, unless it only came in from outside. */
export const done = ({ past, future }: Steps, step: Step): Steps => ({
  past: [...past, step].slice(-MOST_STEPS),
  future: step.outside ? future : [],
});

/** The step that the person did last. */
export const lastDone = ({ past }: Steps): Step | undefined => past.findLast(({ outside }) => !outside);

/** After a step, the last or an earlier one, was undone. */
export const undone = ({ past, future }: Steps, step: Step): Steps => ({
  past: past.filter((other) => other !== step),
  future: [...future, step],
});

/** After the step that was undone last was done again. */
export const redone = ({ past, future }: Steps, step: Step): Steps => ({
  past: [...past, step],
  future: future.filter((other) => other !== step),
});
