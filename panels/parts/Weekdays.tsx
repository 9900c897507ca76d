import { View } from 'react-native';
import { weekdayNames } from '@/core/time/words';
import { CheckBox } from '@/ui/CheckBox';

type Props = {
  /** What the days are of. */
  of: string;
  /** Monday is 1. */
  days: readonly number[];
  onChange: (days: number[]) => void;
};

/** On which weekdays something holds. */
export function Weekdays({ of, days, onChange }: Props) {
  const toggled = (day: number) =>
    days.includes(day) ? days.filter((other) => other !== day) : [...days, day].sort((a, b) => a - b);
  return (
    <View role="group" aria-label={`Days: ${of}`} className="flex-row flex-wrap gap-x-4">
      {weekdayNames.map((name, i) => (
        <CheckBox
          key={name}
          label={name.slice(0, 3)}
          says={`${name}: ${of}`}
          checked={days.includes(i + 1)}
          onToggle={() => onChange(toggled(i + 1))}
        />
      ))}
    </View>
  );
}
