import { useMemo } from 'react';
import type { Habits } from '@/core/estimates/habits';
import { useMoment } from '@/ui/clock';
import { useWorkedOut } from '@/ui/useWorkedOut';

/** How one estimates, worked out beside the page; null until it is. */
export function useHabits(): Habits | null {
  const { zone, now } = useMoment();
  const hour = Math.floor(now / 3_600_000) * 3_600_000;
  const asked = useMemo(() => ({ zone, now: hour }), [zone, hour]);
  const found = useWorkedOut('habits', zone, asked);
  return 'answer' in found ? found.answer : null;
}
