import type { Span } from '../time/span';
import { rangeOf, rangeSoFar, stretchAYearBefore, stretchBeside, type Stretch } from '../time/stretch';
import { dateOf, type Zone } from '../time/zone';
import type { Grouping, Hours } from './grouping';

/** What the actual time stands beside: a plan, or the actual time of an earlier stretch. */
export const againsts = ['last', 'sealed', 'before', 'yearBefore'] as const;
export type Against = (typeof againsts)[number];

/** What a review is asked for. */
export type ReviewAsked = {
  readonly stretch: Stretch;
  readonly by: Grouping;
  readonly hours: Hours;
  readonly against: Against;
  /** Whether what is private is left out: categories that say so, and zones of one's own time. */
  readonly withoutPrivate: boolean;
  readonly zone: Zone;
  readonly now: number;
};

/** The earlier stretch that one is compared with; null where it is compared with a plan. */
export function earlierOf({ stretch, against }: ReviewAsked, weekStart: number): Stretch | null {
  if (against === 'before') return stretchBeside(stretch, -1, weekStart);
  return against === 'yearBefore' ? stretchAYearBefore(stretch, weekStart) : null;
}

/** Whether a stretch has begun and not ended. */
export function isRunning({ first, last }: Stretch, zone: Zone, now: number): boolean {
  const today = dateOf(now, zone);
  return first <= today && today <= last;
}

/** As much of an earlier stretch as has passed of one that has not ended; all of it otherwise. */
export function asFar(earlier: Stretch, { stretch, zone, now }: ReviewAsked): Span {
  const range = rangeSoFar(earlier, zone, now);
  if (!isRunning(stretch, zone, now)) return range;
  const passed = now - rangeOf(stretch, zone).from;
  return { from: range.from, to: Math.min(range.to, range.from + passed) };
}
