import { habitFor, type Asked, type Habits } from '../estimates/habits';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { DEFAULT_LENGTH } from '../tasks/newTask';
import { kindOf } from '../tasks/takes';
import { minutesSpent } from '../track/spent';

/*
 * What work takes when it is played through once: drawn by lot from one's habits.
 */

/** What of some work is the same each time that it is played through; minutes, and a habit on its logarithmic scale. */
export type Ground = {
  readonly estimate: number;
  readonly middle: number;
  readonly spread: number;
  readonly doubt: number;
  readonly spent: number;
};

/** Nobody is taken to be off by more than this as a rule, however little is known of it: half as long again (a standard deviation of the logarithm). */
const MOST_DOUBT = 0.4;

/** What is open takes so many minutes more at least. */
const LEAST = 5;

/** The ground of work that is yet to be begun. */
export function groundOfWork(habits: Habits, work: Asked): Ground {
  const [, { middle, spread, doubt }] = habitFor(habits, work);
  return { estimate: work.estimate, middle, spread, doubt: Math.min(MOST_DOUBT, Math.sqrt(doubt)), spent: 0 };
}

/** The ground of an open task. */
export const groundOf = (workspace: Workspace, habits: Habits, task: Task, now: number): Ground => ({
  ...groundOfWork(habits, {
    kind: kindOf(task),
    title: task.title,
    estimate: task.estimate ?? DEFAULT_LENGTH,
  }),
  spent: minutesSpent(workspace.entries, task.id, now),
});

/**
 * What is left of some work when it is played through once, in minutes. `off` is how far off one's habits themselves are, the same for
 * all work of a run; how far each lies from its habit is its own.
 */
export function lotOf(
  { estimate, middle, spread, doubt, spent }: Ground,
  { tails }: Habits,
  off: number,
  random: () => number,
): number {
  const own = tails[Math.floor(random() * tails.length)] ?? 0;
  return Math.max(LEAST, estimate * Math.exp(middle + doubt * off + spread * own) - spent);
}

/** A figure of the normal distribution (Box and Muller 1958). */
export const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
