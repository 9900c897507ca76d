import { View } from 'react-native';
import { Findings } from '@/board/Findings';
import type { Finding } from '@/core/plan/judge';
import { addDays } from '@/core/time/zone';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

type Props = { onChoose: (date: string) => void; findings: (date: string) => readonly Finding[] };

/** Chooses the tray of today or tomorrow, and says what that would mean. */
export function Trays({ onChoose, findings }: Props) {
  const { today } = useMoment();
  const trays = [
    { label: 'Today’s tray', date: today },
    { label: 'Tomorrow’s tray', date: addDays(today, 1) },
  ];
  return (
    <View className="gap-2">
      <Words face="strong">A day without an hour</Words>
      <View className="flex-row gap-2">
        {trays.map(({ label, date }) => (
          <View key={label} className="shrink gap-0.5">
            <Button label={label} onPress={() => onChoose(date)} />
            <Findings findings={findings(date)} />
          </View>
        ))}
      </View>
    </View>
  );
}
