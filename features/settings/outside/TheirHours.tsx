import { View } from 'react-native';
import { meetingHours, type Calendar } from '@/core/model/event';
import { timeWords } from '@/core/time/words';
import { CityField } from '@/panels/parts/CityField';
import { useWorkspace } from '@/state/shown';
import { Field } from '@/ui/Field';
import { readClock } from '@/ui/readings';

type Props = { calendar: Calendar; onChange: (hours: Calendar['hours']) => boolean };

/** Where and when somebody can be met, by their own clock: free times for several keep to it. */
export function TheirHours({ calendar: { name, hours }, onChange }: Props) {
  const { clock } = useWorkspace().settings;
  return (
    <View className="gap-2">
      <CityField
        label={`City of ${name}`}
        zone={hours?.zone ?? null}
        onChoose={(zone) => onChange(zone === null ? undefined : { ...meetingHours, ...hours, zone })}
      />
      {hours && (
        <View className="flex-row gap-2">
          {(['from', 'to'] as const).map((end) => (
            <View key={end} className="flex-1">
              <Field
                label={end === 'from' ? `${name} can be met from` : `${name} can be met until`}
                text={timeWords(hours[end], clock)}
                read={readClock}
                onSave={(time) => onChange({ ...hours, [end]: time })}
              />
            </View>
          ))}
        </View>
      )}
    </View>
  );
}
