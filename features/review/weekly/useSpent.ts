import { useEffect } from 'react';
import { kept } from '@/state/kept';
import { here } from '@/state/here';
import { session } from '@/state/session';

/** A stretch without a step is counted for no longer than this: one was called away. */
const LONGEST = 15 * 60_000;

const memory = () => kept(`sprindle.${session.space}.weekly.spent`);

/** How long the review of a week has taken so far (ms), on this device. */
function spentOn(week: string): number {
  const [of, ms] = (memory().get() ?? '').split(' ');
  return of === week ? Number(ms) || 0 : 0;
}

/** Counts the time that the review of a week takes, step by step. */
export function useSpent(week: string, step: string): void {
  useEffect(() => {
    const since = here().now;
    return () => memory().set(`${week} ${spentOn(week) + Math.min(LONGEST, here().now - since)}`);
  }, [week, step]);
}

/** How long it has taken with the step that was begun at an instant (epoch ms), in minutes; it is forgotten then. */
export function takeSpent(week: string): number {
  const minutes = spentOn(week) / 60_000;
  memory().forget();
  return minutes;
}
