import { useMemo } from 'react';
import { useMoment } from './clock';

/** A quarter of an hour, in ms. */
export const QUARTER = 15 * 60_000;

/** Where one is, and when the present hour, or another stretch of so many ms, began: for what is too costly to work out each minute. */
export function useSince(ms = 3_600_000) {
  const { zone, now } = useMoment();
  const since = Math.floor(now / ms) * ms;
  return useMemo(() => ({ zone, now: since }), [zone, since]);
}
