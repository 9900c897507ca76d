import { useMoment } from '@/ui/clock';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { isDate } from '@/core/time/zone';

/** The day that the address names (`?day=2026-11-24`), or today, and how to go to another. */
export function useDay() {
  const { today } = useMoment();
  const { day } = useLocalSearchParams<{ day?: string }>();
  const router = useRouter();
  return {
    date: day && isDate(day) ? day : today,
    today,
    onDate: (date: string) => router.setParams({ day: date }),
  };
}
