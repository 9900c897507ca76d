import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Reader } from '@/core/capture/chip';
import { daysIn } from '@/core/capture/daysIn';
import type { Due } from '@/core/model/task';
import { dueText, plainDue } from '@/core/tasks/dueWords';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';
import { Toggle } from './Toggle';

const DAYS = 4;

type Props = { text: string; reader: Reader; value: Due | null; onChoose: (due: Due | null) => void };

/** The days and hours that a text names, of which one can be when something is due. */
export function NamedDays({ text, reader, value, onChoose }: Props) {
  const { settings } = useWorkspace();
  // what a text names stays what it was when it came
  const [first] = useState(reader);
  const days = useMemo(() => daysIn(text, first, DAYS), [text, first]);
  if (days.length === 0) return null;
  return (
    <View role="group" aria-label="Due" className="flex-row flex-wrap items-center gap-2">
      <Words size="xs" tone="soft">
        It names
      </Words>
      {days.map((day) => {
        const on = value !== null && plainDue(value) === plainDue(day);
        return (
          <Toggle
            key={plainDue(day)}
            label={`due ${dueText(day, settings)}`}
            on={on}
            onPress={() => onChoose(on ? null : day)}
          />
        );
      })}
    </View>
  );
}
