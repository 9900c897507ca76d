import { useWindowDimensions, View } from 'react-native';
import { goalsOf } from '@/core/tasks/goals';
import { useWorkspace } from '@/state/shown';
import { later, useLater } from '@/ui/later';
import { forText } from '@/ui/textScale';
import { useWide } from '@/ui/useWide';
import { ROW } from './goalRow';
import { UntilLoaded } from '@/ui/UntilLoaded';

/*
 * What a week is meant for stands above its hours, and is worked out of its whole ledger: it comes after the first picture, into
 * the room that is kept for it.
 */

const parts = later(() => import('./GoalsLine'));

const line = <View aria-busy className="min-h-[28px]" />;

/** The goals of the week of a date and what they get, in one line. */
export const WeekGoals = ({ date }: { date: string }) => (
  <UntilLoaded fallback={line}>
    <Goals date={date} />
  </UntilLoaded>
);

function Goals({ date }: { date: string }) {
  const { GoalsLine } = useLater(parts);
  return <GoalsLine date={date} />;
}

/** The way to the page of the week of a date. */
export const WeekPage = ({ date }: { date: string }) => (
  <UntilLoaded fallback={line}>
    <Page date={date} />
  </UntilLoaded>
);

function Page({ date }: { date: string }) {
  const { WeekPageLine } = useLater(parts);
  return <WeekPageLine date={date} />;
}

/** Below this height of the window (pixels) the line of the goals has to do. */
const LOW = forText(770);

type RowsProps = { dates: readonly string[]; left: number };

/** What each goal gets on each of some days. */
export function WeekGoalRows(props: RowsProps) {
  const wide = useWide();
  const { height } = useWindowDimensions();
  const count = goalsOf(useWorkspace(), 'week', props.dates[0] ?? '').length;
  // the hours need the height
  if (wide && height < LOW) return null;
  return (
    <UntilLoaded fallback={<View aria-busy style={{ height: ROW * count }} />}>
      <Rows {...props} />
    </UntilLoaded>
  );
}

function Rows(props: RowsProps) {
  const { GoalRows } = useLater(parts);
  return <GoalRows {...props} />;
}
