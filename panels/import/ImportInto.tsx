import { View } from 'react-native';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { answerPanel, closePanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** Asks which calendar a new file goes into. */
export function ImportInto({ events }: { events: number }) {
  const { calendars } = useWorkspace();
  return (
    <View className="gap-3">
      <Words>
        {events === 1 ? '1 event' : `${events} events`} in the file. Where shall they go? A newer file of this
        name goes there again.
      </Words>
      <Button label="A calendar of its own" kind="primary" onPress={() => answerPanel('importInto', null)} />
      {calendars.values().map(({ id, name }) => (
        <Button key={id} label={`Into ${name}`} onPress={() => answerPanel('importInto', id)} />
      ))}
      <Button label="Leave it" kind="quiet" onPress={closePanel} />
    </View>
  );
}
