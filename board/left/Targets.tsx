import { View } from 'react-native';
import { planMissing } from '@/actions/targets';
import { standings, type Standing } from '@/core/plan/targets';
import { weekOf } from '@/core/time/week';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';
import { CategoryIcon } from '../marks';
import { standingWords } from './standingWords';

/** How the targets of a week stand, and what would meet them while they can still be met. */
export function Targets({ week }: { week: string }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const all = standings(workspace, week, zone, now);
  const { weekStart } = workspace.settings;
  const isOver = weekOf(week, weekStart) < weekOf(today, weekStart);
  return (
    <View className="gap-3">
      <Heading level={2}>Targets</Heading>
      {all.length === 0 && (
        <Words tone="soft">
          Say how many hours a week a kind of work should have: it is told while it can still be met.
        </Words>
      )}
      {all.map((standing) => (
        <TargetLine key={standing.target.id} standing={standing} week={week} isOver={isOver} />
      ))}
      <View className="flex-row">
        <Button label="Edit targets…" kind="quiet" onPress={() => openPanel({ kind: 'targets' })} />
      </View>
    </View>
  );
}

function TargetLine({ standing, week, isOver }: { standing: Standing; week: string; isOver: boolean }) {
  const { categories } = useWorkspace();
  const { target, expected, short, beyond, over } = standing;
  const { category, least, most } = target;
  const { name = 'A category', hue = 'slate' } = categories.get(category) ?? {};
  const goal = least ?? most ?? 0;
  const whole = Math.max(expected, goal, 1) * 1.05;
  const part = (minutes: number) => `${(100 * minutes) / whole}%` as const;
  const wanted = [
    least === null ? '' : `at least ${durationWords(least)}`,
    most === null ? '' : `at most ${durationWords(most)}`,
  ];
  return (
    <View className={`hue-${hue} gap-1`}>
      <View className="flex-row justify-between gap-2">
        <View className="shrink flex-row items-center gap-1.5">
          <CategoryIcon id={category} />
          <Words face="strong">
            {name}, {wanted.filter(Boolean).join(', ')}
          </Words>
        </View>
        <Words face="mono" tone={short > 0 || over > 0 ? 'brick' : 'leaf'}>
          {short > 0 ? `${durationWords(short)} short` : over > 0 ? `${durationWords(over)} over` : 'within'}
        </Words>
      </View>
      <View aria-hidden className="h-2.5 w-full flex-row bg-sunken">
        <View className="bg-edge" style={{ width: part(Math.min(expected, most ?? expected)) }} />
        <View className="hatch-over" style={{ width: part(over) }} />
        <View className="absolute w-0.5 bg-ink" style={{ left: part(goal), top: -2, bottom: -2 }} />
      </View>
      <Words size="xs" tone="soft">
        {standingWords(standing, isOver)}
      </Words>
      {short > beyond && !isOver && (
        <View className="flex-row">
          <Button
            label={`Place ${durationWords(short - beyond)}`}
            says={`Place ${durationWords(short - beyond)} of ${name}`}
            onPress={() => planMissing(standing, week)}
          />
        </View>
      )}
    </View>
  );
}
