import type { View } from '@/core/plan/views';

export const viewNames: Record<View, string> = {
  day: 'Day',
  days: 'Days',
  week: 'Week',
  workweek: 'Working week',
  month: 'Month',
  agenda: 'Agenda',
};
