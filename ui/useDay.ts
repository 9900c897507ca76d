import { useLocalSearchParams, useRouter } from 'expo-router';
import { isDate } from '@/core/time/zone';
import { useToday } from './useNow';

/** The day that the address names (`?day=2026-11-24`), or today, and how to go to another. */
export function useDay() {
  const { day } = useLocalSearchParams<{ day?: string }>();
  const router = useRouter();
  const today = useToday();
  return {
    date: day && isDate(day) ? day : today,
    today,
    onDate: (date: string) => router.setParams({ day: date }),
  };
}
