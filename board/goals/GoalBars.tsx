import { View } from 'react-native';
import type { GoalDay, GoalStanding } from '@/core/goals/standing';
import { dateWords, durationWords, weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';

/** No bar is full below so many minutes, so that a quarter of an hour does not look like a day's work. */
const LEAST_WHOLE = 120;

/** What a day has to be as long as for its bar to be full, over some goals. */
export const wholeOf = (standings: readonly GoalStanding[]): number =>
  Math.max(LEAST_WHOLE, ...standings.flatMap(({ days }) => days.map(({ expected }) => expected)));

/** What a goal gets on a day, in words. */
export function goalDayWords({ expected, done }: GoalDay): string {
  if (expected === 0) return 'nothing';
  return `${durationWords(expected)}${done > 0 ? `, ${durationWords(done)} of it done` : ''}`;
}

/** What a goal gets on one day: filled what is done, outlined what is planned ahead. */
export const DayBar = ({ day: { expected, done }, whole }: { day: GoalDay; whole: number }) => (
  <View aria-hidden className="h-2 w-full flex-row bg-sunken">
    <View className="bg-edge" style={{ width: `${(100 * done) / whole}%` }} />
    <View
      className={expected > done ? 'border border-edge bg-fill' : ''}
      style={{ width: `${(100 * (expected - done)) / whole}%` }}
    />
  </View>
);

/** What a goal gets on each day of its week. */
export function GoalDays({ standing, whole }: { standing: GoalStanding; whole: number }) {
  const { settings } = useWorkspace();
  return (
    <View role="list" aria-label={`Hours of ${standing.goal.title}`} className="flex-row gap-1">
      {standing.days.map((day) => (
        <View
          key={day.date}
          role="listitem"
          aria-label={`${dateWords(day.date, settings)}: ${goalDayWords(day)}`}
          className="flex-1 items-center gap-0.5"
        >
          <Words size="xs" tone="soft" aria-hidden>
            {weekdayWords(day.date).slice(0, 2)}
          </Words>
          <DayBar day={day} whole={whole} />
          <Words size="xs" aria-hidden tone={day.expected > 0 ? 'ink' : 'soft'}>
            {day.expected > 0 ? durationWords(day.expected) : '–'}
          </Words>
        </View>
      ))}
    </View>
  );
}

type MeasureProps = { standing: Pick<GoalStanding, 'meant' | 'done' | 'expected'> };

/** What a goal of a longer span has come to, beside what is meant. */
export function GoalMeasure({ standing: { meant, done, expected } }: MeasureProps) {
  const whole = Math.max(meant ?? 0, expected, 1) * 1.05;
  const part = (minutes: number) => `${(100 * minutes) / whole}%` as const;
  return (
    <View aria-hidden className="h-2.5 w-full flex-row bg-sunken">
      <View className="bg-edge" style={{ width: part(done) }} />
      {expected > done && (
        <View className="border border-edge bg-fill" style={{ width: part(expected - done) }} />
      )}
      {meant !== null && (
        <View className="absolute w-0.5 bg-ink" style={{ left: part(meant), top: -2, bottom: -2 }} />
      )}
    </View>
  );
}
