import { View } from 'react-native';
import { weekdayNames } from '@/core/time/words';
import { CheckBox } from '@/ui/CheckBox';
import { Words } from '@/ui/Words';

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

/** On which weekdays something holds that, without any, holds every day. */
export const WeekdaysOrAll = (props: Props) => (
  <>
    <Weekdays {...props} />
    {props.days.length === 0 && (
      <Words size="xs" tone="soft">
        Every day, until weekdays are chosen.
      </Words>
    )}
  </>
);
