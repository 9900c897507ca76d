import { useMoment } from '@/ui/clock';
import { useLocalSearchParams, useNavigationContainerRef, useRouter } from 'expo-router';
import { isDate } from '@/core/time/zone';

/** What an address may name, if it is well formed. */
export type Asked = { readonly [name in 'day' | 'view' | 'span' | 'until']?: unknown };

/** What the address was last asked to name, though it may not be drawn yet. */
export function useAsked(): () => Asked {
  const container = useNavigationContainerRef();
  return () => ({ ...Object(container.getCurrentRoute()).params });
}

/**
 * The day that the address names (`?day=2026-11-24`), or today, and how to go to another. `onStep` goes on from the day
 * that was asked for last, so that two quick presses are two steps.
 */
export function useDay() {
  const { today } = useMoment();
  const { day } = useLocalSearchParams<{ day?: string }>();
  const router = useRouter();
  const asked = useAsked();
  const dayOr = (named: unknown) => (typeof named === 'string' && isDate(named) ? named : today);
  const onDate = (date: string) => router.setParams({ day: date });
  return {
    date: dayOr(day),
    today,
    onDate,
    onStep: (step: (date: string) => string) => onDate(step(dayOr(asked().day))),
  };
}
