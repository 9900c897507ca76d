import { View } from 'react-native';
import type { Id } from '@/core/model/common';
import { useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { closeSheet } from '../sheets';
import { Words } from '../Words';

type Props = {
  events: number;
  /** Takes the calendar that was chosen, or null for one of its own. */
  choose: (calendarId: Id | null) => void;
};

/** Asks which calendar a new file goes into. */
export function ImportInto({ events, choose }: Props) {
  const { calendars } = useWorkspace();
  const pick = (id: Id | null) => () => {
    closeSheet();
    choose(id);
  };
  return (
    <View className="gap-3">
      <Words>
        {events === 1 ? '1 event' : `${events} events`} in the file. Where shall they go? A newer file of this
        name goes there again.
      </Words>
      <Button label="A calendar of its own" kind="primary" onPress={pick(null)} />
      {calendars.values().map(({ id, name }) => (
        <Button key={id} label={`Into ${name}`} onPress={pick(id)} />
      ))}
      <Button label="Leave it" kind="quiet" onPress={closeSheet} />
    </View>
  );
}
