import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { isDate } from '@/core/time/zone';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { readDay } from '@/ui/dayReadings';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { MonthPicker } from '../parts/MonthPicker';

/** Goes to a day that is typed or chosen from a month; of a stretch of days to its first, or its last. */
export function GoToDay({ which = 'day' }: Panels['goToDay']) {
  const router = useRouter();
  const { today } = useMoment();
  const { [which]: day } = useLocalSearchParams<{ day?: string; until?: string }>();
  const shown = day && isDate(day) ? day : today;
  const go = (date: string) => {
    closePanel();
    router.setParams({ [which]: date });
  };
  return (
    <View className="gap-3">
      <Field
        label="Day"
        text=""
        focusFirst
        placeholder="fri, 3 March, 2027-01-15"
        read={readDay}
        onSave={({ date }) => go(date)}
      />
      <Words size="xs" tone="soft">
        Type a day and press Enter, or choose one.
      </Words>
      <MonthPicker chosen={shown} onChoose={go} />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    goToDay: { readonly which?: 'day' | 'until' };
  }
}

export const goToDay: Panel<Panels['goToDay']> = {
  useTitle: ({ which }) => (which === 'until' ? 'Go on to a day' : 'Go to a day'),
  Content: GoToDay,
};
