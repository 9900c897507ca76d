import { getConnInfo } from '@hono/node-server/conninfo';
import type { Context } from 'hono';

/** So many times within so many ms, by whom. */
type Limit = { readonly most: number; readonly within: number };

/** So many are remembered; the oldest go first. */
const REMEMBERED = 10_000;

/** Counts how often somebody does something: whether they may once more, which counts; `now` is the clock. */
export function often({ most, within }: Limit, now: () => number) {
  const times = new Map<string, number[]>();
  const recent = (who: string) => (times.get(who) ?? []).filter((at) => at > now() - within);
  return {
    isTooOften: (who: string): boolean => recent(who).length >= most,
    count(who: string): void {
      const all = [...recent(who), now()];
      times.delete(who);
      times.set(who, all.slice(-most));
      const [oldest] = times.keys();
      if (times.size > REMEMBERED && oldest !== undefined) times.delete(oldest);
    },
  };
}

/** How often somebody may try addresses that lead nowhere. */
export const GUESSES: Limit = { most: 20, within: 600_000 };

/** Who asks, by the address that a request comes from. */
export function whoOf(c: Context): string {
  try {
    return getConnInfo(c).remote.address ?? 'unknown';
  } catch {
    return 'unknown';
  }
}
