import { createContext, use, useEffect, useMemo, useState, type ReactNode } from 'react';
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

/** The present, to so many ms. Not an external store, each tick of which would have what is being drawn begin anew. */
function usePresent(every: number): number {
  const [now, set] = useState(() => floor(every));
  useEffect(() => {
    const tick = () => set(floor(every));
    tick();
    return onTick(tick);
  }, [every]);
  return now;
}

/** The present, epoch ms, anew each second. */
export const useSecond = (): number => usePresent(1000);

const momentAt = (zone: Zone, now: number): Moment => ({ zone, now, today: dateOf(now, zone) });

const MomentContext = createContext<Moment>(momentAt(here().zone, floor(60_000)));

/** Gives all that is drawn within it the zone and the minute. */
export function MomentProvider({ children }: { children: ReactNode }) {
  const zone = useTravel((state) => state.zone);
  const now = usePresent(60_000);
  const moment = useMemo(() => momentAt(zone, now), [zone, now]);
  return <MomentContext value={moment}>{children}</MomentContext>;
}

/** Where and when it is, for what is drawn. */
export const useMoment = (): Moment => use(MomentContext);
