import { View } from 'react-native';
import type { Due } from '@/core/model/task';
import { dueText } from '@/core/tasks/dueWords';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Field } from '@/ui/Field';
import { readDue } from '@/ui/dayReadings';
import { readEstimate } from '@/ui/readings';

type Props = {
  estimate: number | null;
  due: Due | null;
  onEstimate: (estimate: number | null) => boolean | void;
  onDue: (due: Due | null) => boolean | void;
};

/** What a task is expected to take and when it is due, side by side. */
export function EstimateAndDue({ estimate, due, onEstimate, onDue }: Props) {
  const { clock } = useWorkspace().settings;
  return (
    <View className="flex-row gap-3">
      <View className="flex-1">
        <Field
          label="Estimate"
          text={estimate === null ? '' : durationWords(estimate)}
          read={readEstimate}
          onSave={onEstimate}
          placeholder="1h30"
        />
      </View>
      <View className="flex-[1.9]">
        <Field label="Due" text={dueText(due, clock)} read={readDue} onSave={onDue} placeholder="fri 14:00" />
      </View>
    </View>
  );
}
