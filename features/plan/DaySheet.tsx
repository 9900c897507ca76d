import { View } from 'react-native';
import { dayList } from '@/core/plan/things';
import { DayThings } from '@/board/days/DayThings';
import { loadWords } from '@/board/LoadMeasure';
import { useView } from '@/board/days/useView';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { closePanel, openPanel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** What a day of the month holds, with the way to the day itself. */
export function DaySheet({ date }: Panels['daySheet']) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { onOpenDay } = useView();
  const day = dayList(workspace, date, zone);
  const { words, left, over } = loadWords(day.load);
  return (
    <View className="gap-4">
      <Words tone={over ? 'brick' : 'soft'}>{[words, left].filter(Boolean).join(', ')}</Words>
      {day.things.length === 0 ? <Words tone="soft">Nothing yet.</Words> : <DayThings day={day} />}
      <Button label="Day note…" onPress={() => openPanel({ kind: 'dayNote', date })} />
      <Button label="Lay out the day…" onPress={() => openPanel({ kind: 'layDay', date })} />
      <Button
        label="Open this day"
        kind="primary"
        onPress={() => {
          closePanel();
          onOpenDay(date);
        }}
      />
    </View>
  );
}
