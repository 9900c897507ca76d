import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Field } from '@/ui/Field';
import { readDay } from '@/ui/dayReadings';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** Goes to a day that is typed. */
export function GoToDay() {
  const router = useRouter();
  return (
    <View className="gap-3">
      <Field
        label="Day"
        text=""
        focusFirst
        placeholder="fri, 3 March, 2027-01-15"
        read={readDay}
        onSave={({ date }) => {
          closePanel();
          router.setParams({ day: date });
        }}
      />
      <Words tone="soft">Type a day and press Enter.</Words>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    goToDay: object;
  }
}

export const goToDay: Panel<Panels['goToDay']> = { useTitle: () => 'Go to a day', Content: GoToDay };
