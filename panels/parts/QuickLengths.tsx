import { View } from 'react-native';
import type { Task } from '@/core/model/task';
import { habitWords } from '@/core/estimates/words';
import { similarTook, tookWords } from '@/core/review/similar';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';
import { Toggle } from './Toggle';
import { useHabits } from './useHabits';

/** The lengths that are offered, in minutes. */
export const LENGTHS = [10, 30, 60, 120] as const;

type Props = {
  /** Of what: done tasks like it say what it takes. */
  of: Pick<Task, 'id' | 'title' | 'category' | 'listId'>;
  chosen: number | null;
  onChoose: (minutes: number) => void;
};

/** A few lengths at a press, and what tasks like this one took before. */
export function QuickLengths({ of, chosen, onChoose }: Props) {
  const workspace = useWorkspace();
  const { now } = useMoment();
  const took = similarTook(workspace, of, now);
  const habits = useHabits();
  const habit = habits && chosen !== null ? habitWords(habits, workspace, of, chosen) : '';
  return (
    <View className="gap-1.5">
      <View className="flex-row flex-wrap gap-2">
        {LENGTHS.map((minutes) => (
          <Toggle
            key={minutes}
            label={durationWords(minutes)}
            on={chosen === minutes}
            onPress={() => onChoose(minutes)}
          />
        ))}
        {took && !LENGTHS.some((minutes) => minutes === took.minutes) && (
          <Toggle
            label={durationWords(took.minutes)}
            on={chosen === took.minutes}
            onPress={() => onChoose(took.minutes)}
          />
        )}
      </View>
      {took && (
        <Words size="xs" tone="soft">
          {tookWords(took)}
        </Words>
      )}
      {habit !== '' && (
        <Words size="xs" tone="soft">
          {habit}
        </Words>
      )}
    </View>
  );
}
