import { View } from 'react-native';
import { parkTasks } from '@/actions/inbox';
import type { Id } from '@/core/model/common';
import { dayMonthWords } from '@/core/time/words';
import { addDays } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

const WHENS = [
  { label: 'In a week', days: 7 },
  { label: 'In a month', days: 30 },
  { label: 'In three months', days: 91 },
] as const;

/** Parks tasks, and asks when they shall come up for another look. */
export function LookAgain({ ids, onDone }: { ids: readonly Id[]; onDone: () => void }) {
  const { today } = useMoment();
  const { settings } = useWorkspace();
  const park = (until: string | null) => {
    if (parkTasks(ids, until)) onDone();
  };
  return (
    <View role="group" aria-label="Another look" className="gap-1">
      <Words size="xs" tone="soft">
        Kept, but out of every plan. It comes into the inbox for another look:
      </Words>
      <View className="flex-row flex-wrap gap-2">
        {WHENS.map(({ label, days }) => {
          const until = addDays(today, days);
          return (
            <Button
              key={label}
              label={`${label}, ${dayMonthWords(until, settings)}`}
              onPress={() => park(until)}
            />
          );
        })}
        <Button label="Not by itself" onPress={() => park(null)} />
      </View>
    </View>
  );
}
