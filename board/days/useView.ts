import { useLocalSearchParams, useRouter } from 'expo-router';
import { stepped, views, type View } from '@/core/plan/views';
import { kept } from '@/state/kept';
import { currentWorkspace } from '@/state/workspaceStore';
import { useAsked, useDay } from '@/ui/useDay';
import { useWide } from '@/ui/useWide';

/** The view that was chosen last, by the size of the screen. */
const lastView = { wide: kept('sprindle.view.wide'), narrow: kept('sprindle.view.narrow') };

const isView = (name: unknown) => views.find((view) => view === name);

/**
 * The view and the day that the address names (`?day=2026-11-24&view=week`), and how to go to others. An address that names
 * no view has the one that was chosen last on a screen of this size.
 */
export function useView() {
  const { view } = useLocalSearchParams<{ view?: string }>();
  const router = useRouter();
  const { onStep, ...day } = useDay();
  const asked = useAsked();
  const last = lastView[useWide() ? 'wide' : 'narrow'];
  const viewOr = (named: unknown) => isView(named) ?? isView(last.get()) ?? 'day';
  return {
    ...day,
    view: viewOr(view),
    onView(next: View) {
      last.set(next);
      router.setParams({ view: next });
    },
    /** Goes on to what comes next in the view that was asked for last, or back; `fit` days stand side by side. */
    onTurn: (direction: 1 | -1, fit: number) =>
      onStep((date) => stepped(currentWorkspace(), viewOr(asked().view), date, direction, fit)),
    /** Opens one day by itself. */
    onOpenDay: (date: string) => router.setParams({ day: date, view: 'day' }),
  };
}

export type PlanView = ReturnType<typeof useView>;
