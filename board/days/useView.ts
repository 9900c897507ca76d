import { useLocalSearchParams, useRouter } from 'expo-router';
import { views, type View } from '@/core/plan/views';
import { useDay } from '@/ui/useDay';

/** The view and the day that the address names (`?day=2026-11-24&view=week`), and how to go to others. */
export function useView() {
  const { view } = useLocalSearchParams<{ view?: string }>();
  const router = useRouter();
  const day = useDay();
  return {
    ...day,
    view: views.find((name) => name === view) ?? 'day',
    onView: (next: View) => router.setParams({ view: next }),
    /** Opens one day by itself. */
    onOpenDay: (date: string) => router.setParams({ day: date, view: 'day' }),
  };
}

export type PlanView = ReturnType<typeof useView>;
