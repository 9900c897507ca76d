import { feasible, tightOn, type Tight } from '@/core/feasible/feasible';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

/** The first stretch that cannot work of those that end on a day, if there is one. */
export function useTightOn(date: string): Tight | undefined {
  const { zone, now } = useMoment();
  return tightOn(useWorkspace(), date, zone, now);
}

/** All stretches ahead that cannot work, in order. */
export function useTight(): readonly Tight[] {
  const { zone, now } = useMoment();
  return feasible(useWorkspace(), zone, now).tight;
}
