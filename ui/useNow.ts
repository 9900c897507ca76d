import { useSyncExternalStore } from 'react';
import { session } from '@/state/session';
import { dateOf } from '@/core/time/zone';

const ticking = (every: number) => (tick: () => void) => {
  const timer = setInterval(tick, Math.min(every, 1000));
  return () => clearInterval(timer);
};
const everySecond = ticking(1000);
const floor = (every: number) => Math.floor(session.now() / every) * every;

/** The present, epoch ms, anew each second. */
export const useSecond = (): number => useSyncExternalStore(everySecond, () => floor(1000));

/** The present, epoch ms, anew each minute. */
export const useMinute = (): number => useSyncExternalStore(everySecond, () => floor(60_000));

/** Today's date where the person is. */
export const useToday = (): string => dateOf(useMinute(), session.zone);
