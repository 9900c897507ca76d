import type { Habits } from '@/core/estimates/habits';
import { useWorkedOut } from '@/ui/useWorkedOut';
import { useSince } from '@/ui/useSince';

/** How one estimates, worked out beside the page; null until it is. */
export function useHabits(): Habits | null {
  const asked = useSince();
  const found = useWorkedOut('habits', asked.zone, asked);
  return 'answer' in found ? found.answer : null;
}
