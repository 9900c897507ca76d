import { View } from 'react-native';
import type { Id } from '@/core/model/common';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { MessageText } from '../parts/MessageText';
import { messageWords } from './messageWords';

/** The name of whoever wrote, without the address behind it. */
const nameIn = (from: string) => from.replace(/\s*<.*$/, '').trim();

/** A message that a task was made of, as it came. */
function MessageView({ id }: Panels['message']) {
  const { messages, settings } = useWorkspace();
  const { zone } = useMoment();
  const message = messages.get(id);
  if (!message) return <Words tone="soft">This message is no longer there.</Words>;
  return (
    <View className="gap-3">
      <Words tone="soft">{messageWords(message, zone, settings)}</Words>
      <View className="-ml-3 flex-row flex-wrap">
        <Button
          label="Can I take it on?"
          kind="quiet"
          onPress={() => openPanel({ kind: 'promise', title: message.subject })}
        />
        <Button
          label="Give free times…"
          kind="quiet"
          onPress={() => openPanel({ kind: 'freeTimes', who: nameIn(message.from) })}
        />
      </View>
      <MessageText message={message} />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    message: { readonly id: Id };
  }
}

export const message: Panel<Panels['message']> = {
  useTitle: ({ id }) => useWorkspace().messages.get(id)?.subject || 'A message',
  Content: MessageView,
};
