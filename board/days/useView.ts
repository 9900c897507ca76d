import { useLocalSearchParams, useRouter } from 'expo-router';
import { views, type View } from '@/core/plan/views';
import { kept } from '@/state/kept';
import { useDay } from '@/ui/useDay';
import { useWide } from '@/ui/useWide';

/** The view that was chosen last, by the size of the screen. */
const lastView = { wide: kept('sprindle.view.wide'), narrow: kept('sprindle.view.narrow') };

const isView = (name: string | null | undefined) => views.find((view) => view === name);

/**
 * The view and the day that the address names (`?day=2026-11-24&view=week`), and how to go to others. An address that names
 * no view has the one that was chosen last on a screen of this size.
 */
export function useView() {
  const { view } = useLocalSearchParams<{ view?: string }>();
  const router = useRouter();
  const day = useDay();
  const last = lastView[useWide() ? 'wide' : 'narrow'];
  return {
    ...day,
    view: isView(view) ?? isView(last.get()) ?? 'day',
    onView(next: View) {
      last.set(next);
      router.setParams({ view: next });
    },
    /** Opens one day by itself. */
    onOpenDay: (date: string) => router.setParams({ day: date, view: 'day' }),
  };
}

export type PlanView = ReturnType<typeof useView>;
