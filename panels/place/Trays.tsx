import { useMoment } from '@/ui/clock';
import { View } from 'react-native';
import { addDays } from '@/core/time/zone';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';

/** Chooses the tray of today or tomorrow. */
export function Trays({ onChoose }: { onChoose: (date: string) => void }) {
  const { today } = useMoment();
  return (
    <View className="gap-2">
      <Words face="strong">A day without an hour</Words>
      <View className="flex-row gap-2">
        <Button label="Today’s tray" onPress={() => onChoose(today)} />
        <Button label="Tomorrow’s tray" onPress={() => onChoose(addDays(today, 1))} />
      </View>
    </View>
  );
}
