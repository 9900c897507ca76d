import type { Id } from '../model/common';
import type { Zone } from '../time/zone';

/** A sitting that stands already, as one has put it: the rest is fitted around it. */
export type Held = { readonly taskId: Id; readonly start: number; readonly minutes: number };

/** What is to be fitted, and how. */
export type FitAsked = {
  readonly zone: Zone;
  /** Epoch ms, on a whole minute. */
  readonly now: number;
  /** The end of the time that may be planned (epoch ms). */
  readonly until: number;
  /** The tasks that are wanted; null for all that is open, but for what waits in the inbox. */
  readonly tasks: readonly Id[] | null;
  /** Tasks that are left out of it. */
  readonly out: readonly Id[];
  readonly held: readonly Held[];
  /** The share of each day that is left free on purpose, 0 to 1. */
  readonly spare: number;
  /** Whether what stands in the plan may move, as little as possible. */
  readonly mends: boolean;
};

/** What is left free of each day unless something else is said. */
export const SPARE = 0.15;
