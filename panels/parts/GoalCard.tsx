import { View } from 'react-native';
import { planForIt } from '@/actions/targets';
import { GoalDays, GoalMeasure } from '@/board/goals/GoalBars';
import { CategoryIcon, EdgeMark } from '@/board/marks';
import type { GoalStanding } from '@/core/goals/standing';
import { hueOfCategory } from '@/core/model/categories';
import { shortWords, standingWords } from '@/core/goals/words';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** A goal: what is meant for it, what it gets on each day, and what is missing. `whole` is what fills the bar of a day, in minutes. */
export function GoalCard({ standing, whole }: { standing: GoalStanding; whole: number }) {
  const { today } = useMoment();
  const { goal, stretch, short, beyond } = standing;
  const { id, title, category, doneAt } = goal;
  const hue = hueOfCategory(useWorkspace(), category);
  const missing = doneAt === null ? shortWords(standing, today) : '';
  const fits = stretch.unit === 'week' && missing !== '' && stretch.last >= today ? short - beyond : 0;
  const isLate = stretch.unit === 'week' || stretch.last < today;
  return (
    <View
      role="group"
      aria-label={`Goal: ${title}`}
      className={`hue-${hue} gap-1.5 bg-surface py-2 pl-4 pr-2`}
    >
      <EdgeMark />
      <View className="flex-row items-center gap-2">
        <CategoryIcon id={category} />
        <View className="flex-1">
          <Words face="strong" size="base">
            {title}
          </Words>
        </View>
      </View>
      <Words size="xs" tone="soft">
        {standingWords(standing)}
      </Words>
      {stretch.unit === 'week' ? (
        <GoalDays standing={standing} whole={whole} />
      ) : (
        <GoalMeasure standing={standing} />
      )}
      {missing !== '' && (
        <Words size="xs" tone={isLate ? 'brick' : 'soft'}>
          {missing}
        </Words>
      )}
      <View className="-ml-3 flex-row flex-wrap">
        {fits > 0 && (
          <Button
            label={`Place ${durationWords(fits)}`}
            says={`Place ${durationWords(fits)} for ${title}`}
            kind="quiet"
            onPress={() => planForIt(standing)}
          />
        )}
        <Button
          label="Change…"
          says={`Change… ${title}`}
          kind="quiet"
          onPress={() => openPanel({ kind: 'goal', id, date: stretch.first })}
        />
      </View>
    </View>
  );
}
