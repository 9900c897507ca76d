import { useLocalSearchParams } from 'expo-router';
import { weekOf } from '@/core/time/week';
import { isDate } from '@/core/time/zone';
import { weekToReview } from '@/core/weekly/pages';
import { place } from '@/features/shell/place';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { later, useLater } from '@/ui/later';

const weekly = later(() => import('@/features/review/weekly/WeeklyScreen'));

/** The week of the day that the address names, or the one whose review is due. */
function useWeek(): string {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const { day } = useLocalSearchParams<{ day?: string }>();
  return day !== undefined && isDate(day)
    ? weekOf(day, workspace.settings.weekStart)
    : weekToReview(workspace, today, zone);
}

export default place('Weekly review', () => {
  const { WeeklyScreen } = useLater(weekly);
  const week = useWeek();
  return <WeeklyScreen key={week} week={week} />;
});
