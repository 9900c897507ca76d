import { View } from 'react-native';
import { groupedBy } from '@/core/model/collection';
import type { Id } from '@/core/model/common';
import type { Message } from '@/core/model/message';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';

const ofTask = groupedBy<Message>(({ taskId }) => taskId);

/** The messages that a task was made of, to be read again. */
export function MessagesOf({ taskId }: { taskId: Id }) {
  const { messages } = useWorkspace();
  return ofTask(messages, taskId).map(({ id, from, subject }) => {
    const label = ['Open the message', from && `from ${from.replace(/\s*<[^>]*>$/, '')}`]
      .filter(Boolean)
      .join(' ');
    return (
      <View key={id} className="flex-row">
        <Button
          label={label}
          says={`${label}: ${subject}`}
          onPress={() => openPanel({ kind: 'message', id })}
        />
      </View>
    );
  });
}
