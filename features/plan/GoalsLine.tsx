import { useRouter } from 'expo-router';
import { Pressable, View } from 'react-native';
import { DayBar, goalDayWords, wholeOf } from '@/board/goals/GoalBars';
import { useGoals } from '@/board/goals/useGoals';
import { EdgeMark } from '@/board/marks';
import { briefWords } from '@/core/goals/words';
import { hueOfCategory } from '@/core/model/categories';
import type { GoalStanding } from '@/core/goals/standing';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { weekOf } from '@/core/time/week';
import { gistOf, isWritten, pageOf } from '@/core/weekly/pages';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { ROW } from './goalRow';

/** The goals of the week and what they get, in one line; it opens them. */
export function GoalsLine({ date }: { date: string }) {
  const wide = useWide();
  const standings = useGoals('week', date);
  return (
    <Pressable
      role="button"
      onPress={() => openPanel({ kind: 'goals', date })}
      className={`min-h-[28px] flex-row content-center items-center gap-x-4 gap-y-0.5 hover:bg-surface ${wide ? '' : 'flex-wrap py-0.5'}`}
    >
      <Words size="xs" tone="soft">
        {standings.length === 0 ? 'Set two or three goals for the week' : 'Goals:'}
      </Words>
      {standings.map((standing) => (
        <Said key={standing.goal.id} standing={standing} />
      ))}
    </Pressable>
  );
}

const useHue = ({ goal: { category } }: GoalStanding) => hueOfCategory(useWorkspace(), category);

function Said({ standing }: { standing: GoalStanding }) {
  const { goal, short } = standing;
  const isOpen = goal.doneAt === null;
  return (
    <View className={`hue-${useHue(standing)} min-w-0 max-w-[260px] shrink flex-row pl-2.5`}>
      <EdgeMark />
      <View className="min-w-0 shrink">
        <Words size="xs" numberOfLines={1}>
          {goal.title}
        </Words>
      </View>
      <Words size="xs" tone={isOpen && short > 0 ? 'brick' : 'soft'} numberOfLines={1} className="shrink-0">
        {' '}
        {isOpen ? briefWords(standing) : 'reached'}
      </Words>
    </View>
  );
}

/** What each goal gets on each of the days below it, a row a goal, in the order of the line that names them. */
export function GoalRows({ dates, left }: { dates: readonly string[]; left: number }) {
  const standings = useGoals('week', dates[0] ?? '');
  const whole = wholeOf(standings);
  return (
    <>
      {standings.map((standing) => (
        <Row key={standing.goal.id} standing={standing} dates={dates} left={left} whole={whole} />
      ))}
    </>
  );
}

type RowProps = { standing: GoalStanding; dates: readonly string[]; left: number; whole: number };

function Row({ standing, dates, left, whole }: RowProps) {
  const { title } = standing.goal;
  return (
    <View className={`hue-${useHue(standing)} flex-row`} style={{ paddingLeft: left }}>
      {dates.map((date) => {
        const day = standing.days.find((one) => one.date === date);
        return (
          <View
            key={date}
            className="flex-1 flex-row items-center gap-1.5 border-l border-line px-2"
            style={{ height: ROW }}
          >
            {day && day.expected > 0 && (
              <>
                <Words className="sr-only">
                  {title}: {goalDayWords(day)}
                </Words>
                <View className="flex-1">
                  <DayBar day={day} whole={whole} />
                </View>
                <View aria-hidden className="w-11">
                  <Words size="xs" tone="soft" numberOfLines={1}>
                    {durationWords(day.expected)}
                  </Words>
                </View>
              </>
            )}
          </View>
        );
      })}
    </View>
  );
}

/** The way to the page of a week that has begun, with what it says first. */
export function WeekPageLine({ date }: { date: string }) {
  const { today } = useMoment();
  const wide = useWide();
  const workspace = useWorkspace();
  const router = useRouter();
  const week = weekOf(date, workspace.settings.weekStart);
  if (week > today) return null;
  const page = pageOf(workspace, week);
  const written = page && isWritten(page) ? gistOf(page) : '';
  return (
    <Pressable
      role="button"
      onPress={() => router.navigate({ pathname: '/weekly', params: { day: week } })}
      className={`min-h-[28px] flex-row items-center gap-1.5 hover:bg-surface ${wide ? 'max-w-[300px]' : ''}`}
    >
      <Words size="xs" tone="pine" className="shrink-0">
        Weekly review{written === '' ? '' : ':'}
      </Words>
      {written !== '' && (
        <View className="shrink">
          <Words size="xs" numberOfLines={1}>
            {written}
          </Words>
        </View>
      )}
    </Pressable>
  );
}
