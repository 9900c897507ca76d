import { memo } from 'react';
import { View } from 'react-native';
import type { TargetOverWeeks, TargetWeek } from '@/core/review/targetWeeks';
import { dayMonthWords, durationWords, type Style } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Heading, Words } from '@/ui/Words';

const HEIGHT = 44;

/** Which targets were kept over the whole weeks of a stretch, by how much they were missed, and what stood in the way. */
export const TargetsPart = memo(function TargetsPart({ targets }: { targets: readonly TargetOverWeeks[] }) {
  const told = targets.filter(({ weeks }) => weeks.length > 0);
  if (told.length === 0) return null;
  return (
    <View className="gap-3">
      <Heading level={2}>Targets, week by week</Heading>
      {told.map((target) => (
        <TargetLine key={target.category} target={target} />
      ))}
    </View>
  );
});

const isKept = ({ short, over }: TargetWeek) => short === 0 && over === 0;

/** What a week says of a target: `2 Nov: 3 h 15 of at least 4 h, 45 min short; 1 h was planned and never begun`. */
function weekWords(told: TargetWeek, style: Style): string {
  const { week, done, least, most, short, over } = told;
  const wanted = [
    least === null ? '' : `at least ${durationWords(least)}`,
    most === null ? '' : `at most ${durationWords(most)}`,
  ].filter(Boolean);
  const missed =
    short > 0 ? `, ${durationWords(short)} short` : over > 0 ? `, ${durationWords(over)} over` : '';
  const inTheWay = short > 0 ? inTheWayWords(told) : '';
  return `${dayMonthWords(week, style)}: ${durationWords(done)} of ${wanted.join(', ')}${missed}${inTheWay}`;
}

/** What stood in the way of a target. */
function inTheWayWords({ notStarted, takenOff, meetings }: TargetWeek): string {
  const told = [
    notStarted > 0 ? `${durationWords(notStarted)} were planned and never begun` : '',
    takenOff > 0 ? `${durationWords(takenOff)} left the plan after the seal` : '',
    meetings > 0 ? `meetings took ${durationWords(meetings)} of its zones` : '',
  ].filter(Boolean);
  return told.length === 0 ? '' : `; ${told.join(', ')}`;
}

/** Where a target is going: `Rising: 3 h a week in the earlier half, 4 h 10 in the later`. */
function trendWords({ earlier, later }: NonNullable<TargetOverWeeks['trend']>): string {
  const course = later > earlier ? 'Rising' : later < earlier ? 'Falling' : 'Steady';
  return `${course}: ${durationWords(earlier)} a week in the earlier half, ${durationWords(later)} in the later.`;
}

function TargetLine({ target: { category, weeks, trend } }: { target: TargetOverWeeks }) {
  const { categories, settings } = useWorkspace();
  const { name = 'A deleted category', hue = 'slate' } = categories.get(category) ?? {};
  const missed = weeks.filter((week) => !isKept(week));
  const [last] = missed.slice(-1);
  const top = Math.max(1, ...weeks.flatMap(({ done, least, most }) => [done, least ?? 0, most ?? 0]));
  const bottom = (minutes: number) => Math.round((HEIGHT * minutes) / top);
  return (
    <View className={`hue-${hue} gap-1 border-l-4 border-edge pl-3`}>
      <Words face="strong">
        {name}: kept in {weeks.length - missed.length} of {weeks.length}{' '}
        {weeks.length === 1 ? 'week' : 'weeks'}
      </Words>
      <View
        role="img"
        aria-label={weeks.map((week) => weekWords(week, settings)).join('. ')}
        className="flex-row items-end gap-1"
        style={{ height: HEIGHT + 2 }}
      >
        {weeks.map(({ week, done, least, most, ...told }) => (
          <View key={week} className="h-full w-6 justify-end bg-sunken">
            <View
              className={
                isKept({ week, done, least, most, ...told }) ? 'bg-edge' : 'border border-edge bg-fill'
              }
              style={{ height: bottom(done) }}
            />
            {[least, most].map(
              (bound) =>
                bound !== null && (
                  <View
                    key={bound}
                    className="absolute left-0 right-0 h-0.5 bg-ink"
                    style={{ bottom: bottom(bound) }}
                  />
                ),
            )}
          </View>
        ))}
      </View>
      {trend && (
        <Words size="xs" tone="soft">
          {trendWords(trend)}
        </Words>
      )}
      {last && (
        <Words size="xs" tone="soft">
          Last missed in the week of {weekWords(last, settings)}.
        </Words>
      )}
    </View>
  );
}
