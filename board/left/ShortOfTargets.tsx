import { useMemo } from 'react';
import { View } from 'react-native';
import { planMissing } from '@/actions/targets';
import { standings } from '@/core/plan/targets';
import { weekOf } from '@/core/time/week';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';
import { CategoryIcon } from '../marks';

/** What a week lacks to its targets, for as long as it can be placed, with the step that places it. */
export function ShortOfTargets({ date }: { date: string }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const { weekStart } = workspace.settings;
  const isOver = weekOf(date, weekStart) < weekOf(today, weekStart);
  const short = useMemo(
    () => (isOver ? [] : standings(workspace, date, zone, now).filter((each) => each.short > 0)),
    [workspace, date, zone, now, isOver],
  );
  return short.map((standing) => {
    const { category, least } = standing.target;
    const { name = 'A category', hue = 'slate' } = workspace.categories.get(category) ?? {};
    const placeable = standing.short - standing.beyond;
    return (
      <View
        key={category}
        role="group"
        aria-label={`Target of ${name}`}
        className={`hue-${hue} flex-row items-center gap-2 border-l-4 border-edge bg-surface pl-2.5`}
      >
        <CategoryIcon id={category} />
        <View className="flex-1 py-2">
          <Words size="xs">
            {name}: {durationWords(standing.short)} short of {durationWords(least ?? 0)} a week
            {standing.beyond > 0 ? `, ${durationWords(standing.beyond)} of it no longer fit` : ''}
          </Words>
        </View>
        {placeable > 0 && (
          <Button
            label="Place"
            says={`Place what ${name} is short of`}
            kind="quiet"
            onPress={() => planMissing(standing, date)}
          />
        )}
      </View>
    );
  });
}
