import { create } from 'zustand';
import { addDays, dateOf, type IsoDate } from '@/core/time/zone';
import { session } from './session';

const monthsOf = (dates: readonly IsoDate[]) => [...new Set(dates.map((date) => date.slice(0, 7)))];
const today = dateOf(session.now(), session.zone);

/** The months (`2026-11`) whose times of repeating tasks are worked out: those around today, and all that were looked at. */
export const useMonths = create<{ months: readonly string[] }>(() => ({
  months: monthsOf([-31, 0, 31].map((days) => addDays(today, days))),
}));

/** Brings days into sight. */
export function bringIntoSight(dates: readonly IsoDate[]): void {
  const { months } = useMonths.getState();
  const all = [...new Set([...months, ...monthsOf(dates)])];
  if (all.length > months.length) useMonths.setState({ months: all });
}
