import { useEffect, useRef } from 'react';
import { here } from '@/state/here';
import { kept } from '@/state/kept';
import { session } from '@/state/session';

/** A stretch without a step is counted for no longer than this: one was called away. */
const LONGEST = 15 * 60_000;

const memory = () => kept(`sprindle.${session.space}.weekly.spent`);

/** How long the review of a week has taken on this device (ms), with its present step, which was begun at an instant. */
function spentOn(week: string, since: number): number {
  const [of, before] = (memory().get() ?? '').split(' ');
  return (of === week ? Number(before) || 0 : 0) + Math.min(LONGEST, here().now - since);
}

/** Counts the time that the review of a week takes, step by step; `end` gives it in minutes, and forgets it. */
export function useSpent(week: string, step: string): { readonly end: () => number } {
  const begun = useRef<{ since: number; over: boolean } | null>(null);
  useEffect(() => {
    const present = { since: here().now, over: false };
    begun.current = present;
    return () => {
      if (!present.over) memory().set(`${week} ${spentOn(week, present.since)}`);
    };
  }, [week, step]);
  return {
    end() {
      const minutes = spentOn(week, begun.current?.since ?? here().now) / 60_000;
      if (begun.current) begun.current.over = true;
      memory().forget();
      return minutes;
    },
  };
}
