import { createContext, use, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { dateOf, type IsoDate, type Zone } from '@/core/time/zone';
import { here, useTravel } from '@/state/here';
import { session } from '@/state/session';

/** Where and when everything is drawn: the zone, the present minute (epoch ms), and today's date there. */
export type Moment = { readonly zone: Zone; readonly now: number; readonly today: IsoDate };

const listeners = new Set<() => void>();
let ticking: ReturnType<typeof setInterval> | undefined;

/** One clock ticks for all, as long as somebody looks at it. */
function onTick(listener: () => void): () => void {
  listeners.add(listener);
  ticking ??= setInterval(() => listeners.forEach((tick) => tick()), 1000);
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    clearInterval(ticking);
    ticking = undefined;
  };
}

const floor = (every: number) => Math.floor(session.now() / every) * every;

/** The present, epoch ms, anew each second. */
export const useSecond = (): number => useSyncExternalStore(onTick, () => floor(1000));

const momentAt = (zone: Zone, now: number): Moment => ({ zone, now, today: dateOf(now, zone) });

const MomentContext = createContext<Moment>(momentAt(here().zone, floor(60_000)));

/** Gives all that is drawn within it the zone and the minute. */
export function MomentProvider({ children }: { children: ReactNode }) {
  const zone = useTravel((state) => state.zone);
  const now = useSyncExternalStore(onTick, () => floor(60_000));
  const moment = useMemo(() => momentAt(zone, now), [zone, now]);
  return <MomentContext value={moment}>{children}</MomentContext>;
}

/** Where and when it is, for what is drawn. */
export const useMoment = (): Moment => use(MomentContext);
