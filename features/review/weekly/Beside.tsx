import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { wholeOf } from '@/board/goals/GoalBars';
import { useGoals } from '@/board/goals/useGoals';
import { LoadBar, loadWords } from '@/board/LoadMeasure';
import { dayPlan } from '@/core/plan/dayPlan';
import { daysOfWeek } from '@/core/time/week';
import { dayMonthWords, dayOfMonth, weekdayWords } from '@/core/time/words';
import { GoalCard } from '@/panels/parts/GoalCard';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { ScrollRegion } from '@/ui/ScrollRegion';
import { WithAside } from '@/ui/WithAside';
import { Heading, Words } from '@/ui/Words';

/** How wide the coming week is, in pixels. */
const WIDTH = 340;

type WithWeekProps = {
  week: string;
  /** What stands on the screen itself. */
  without: 'goals' | 'plan' | null;
  children: ReactNode;
};

/** A screen with the week that comes beside it, where there is room for both. */
export function WithWeek({ week, without, children }: WithWeekProps) {
  const { settings } = useWorkspace();
  return (
    <WithAside
      label={`The week of ${dayMonthWords(week, settings)}`}
      width={WIDTH}
      aside={
        <ScrollRegion contentContainerClassName="gap-5 px-4 pb-8 pt-5">
          <WeekLoads week={week} />
          {without !== 'goals' && <GoalsOfWeek week={week} />}
          {without !== 'plan' && <PlanButton week={week} />}
        </ScrollRegion>
      }
    >
      {children}
    </WithAside>
  );
}

/** The days of a week, each with what is planned and free. */
export function WeekLoads({ week }: { week: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { settings } = workspace;
  return (
    <View className="gap-2">
      <Heading level={2}>The week of {dayMonthWords(week, settings)}</Heading>
      <View role="list" aria-label="What its days hold">
        {daysOfWeek(week, settings.weekStart).map((date) => {
          const { load } = dayPlan(workspace, date, zone);
          const { words, left, over } = loadWords(load);
          return (
            <View key={date} role="listitem" className="min-h-[28px] flex-row items-center gap-2">
              <View className="w-14">
                <Words size="xs">
                  {weekdayWords(date)} {dayOfMonth(date)}
                </Words>
              </View>
              <View className="flex-1">
                <LoadBar load={load} height={8} />
              </View>
              <View className="w-20 items-end">
                <Words size="xs" tone={over ? 'brick' : 'soft'}>
                  {left || 'day off'}
                </Words>
              </View>
              <Words className="sr-only">{words}</Words>
            </View>
          );
        })}
      </View>
    </View>
  );
}

function GoalsOfWeek({ week }: { week: string }) {
  const standings = useGoals('week', week);
  const whole = wholeOf(standings);
  return (
    <View className="gap-2">
      <Heading level={2}>Its goals</Heading>
      {standings.length === 0 && <Words tone="soft">None is set yet.</Words>}
      {standings.map((standing) => (
        <GoalCard key={standing.goal.id} standing={standing} whole={whole} />
      ))}
    </View>
  );
}

/** From the review to planning in one step. */
export function PlanButton({ week }: { week: string }) {
  const router = useRouter();
  return (
    <View className="flex-row">
      <Button
        label="Plan the week"
        onPress={() => router.navigate({ pathname: '/plan', params: { view: 'week', day: week } })}
      />
    </View>
  );
}
