import { useState } from 'react';
import { View } from 'react-native';
import { takeFile } from '@/actions/files/files';
import { makeOfMessages } from '@/actions/messages';
import type { Reader } from '@/core/capture/chip';
import { titleOfMessage } from '@/core/commands/messages';
import type { ReadMessage } from '@/core/formats/mail/readMessage';
import { LARGEST_ATTACHMENT } from '@/core/model/attachment';
import type { Due } from '@/core/model/task';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { Foot } from '@/ui/Foot';
import { CheckBox } from '@/ui/CheckBox';
import { useMoment } from '@/ui/clock';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { sizeWords } from '@/ui/sizeWords';
import { Words } from '@/ui/Words';
import { NamedDays } from '../parts/NamedDays';
import { useReader } from '../parts/useReader';
import { messageWords, unreadWords } from './messageWords';

/** Messages that were brought in, each with the days that it names, before they become tasks. */
function Messages({ messages }: Panels['messages']) {
  const reader = useReader();
  const [left, setLeft] = useState(messages);
  const [keeps, setKeeps] = useState(true);
  const [due, setDue] = useState<ReadonlyMap<ReadMessage, Due>>(new Map());
  const choose = (message: ReadMessage, day: Due | null) => {
    const chosen = new Map(due);
    if (day) chosen.set(message, day);
    else chosen.delete(message);
    setDue(chosen);
  };
  const attached = left.flatMap(({ attachments }) => attachments);
  const files = attached.filter(({ data }) => data !== null);
  const tooLarge = files.length < attached.length;
  const take = () => {
    const chosen = left.map((message) => ({ message, due: due.get(message) ?? null }));
    if (makeOfMessages(chosen, keeps)) closePanel();
  };
  return (
    <View className="gap-4">
      <View role="list" aria-label="Messages" className="gap-3">
        {left.map((message, i) => (
          <Brought
            key={i}
            message={message}
            reader={reader}
            due={due.get(message) ?? null}
            onDue={(day) => choose(message, day)}
            onLeave={() => setLeft(left.filter((other) => other !== message))}
          />
        ))}
      </View>
      <Words size="xs" tone="soft">
        The message stays with its task. Without a date it waits in the inbox.
      </Words>
      {files.length > 0 && (
        <CheckBox
          label={`Keep ${files.length === 1 ? 'the attached file' : `the ${files.length} attached files`}, ${sizeWords(files.reduce((sum, { size }) => sum + size, 0))}`}
          checked={keeps}
          onToggle={() => setKeeps(!keeps)}
        />
      )}
      {tooLarge && (
        <Words size="xs" tone="soft">
          Files of more than {sizeWords(LARGEST_ATTACHMENT)} are named, but not kept.
        </Words>
      )}
      <Foot>
        <Button
          label={left.length === 1 ? 'Make a task of it' : `Make ${left.length} tasks`}
          kind="primary"
          disabled={left.length === 0}
          onPress={take}
        />
        <Button label="Leave them" kind="quiet" onPress={closePanel} />
      </Foot>
    </View>
  );
}

type BroughtProps = {
  message: ReadMessage;
  reader: Reader;
  due: Due | null;
  onDue: (due: Due | null) => void;
  onLeave: () => void;
};

function Brought({ message, reader, due, onDue, onLeave }: BroughtProps) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const { invitation } = message;
  const isCancelled = /^METHOD:CANCEL\s*$/im.test(invitation ?? '');
  const title = titleOfMessage(message);
  return (
    <View role="listitem" className="gap-2 rounded-lg border border-line bg-surface p-3">
      <View className="flex-row items-start gap-2">
        <View className="flex-1">
          <Words face="strong">{title}</Words>
          <Words size="xs" tone="soft">
            {messageWords(message, zone, workspace.settings)}
          </Words>
        </View>
        <IconButton label={`Leave out: ${title}`} icon="close" colour="ink-soft" onPress={onLeave} />
      </View>
      <Words numberOfLines={4}>{message.text}</Words>
      {message.unread.map((problem) => (
        <Words key={problem.kind} size="xs" tone="brick">
          {unreadWords(problem)}
        </Words>
      ))}
      <NamedDays text={`${message.subject}\n${message.text}`} reader={reader} value={due} onChoose={onDue} />
      {invitation && (
        <View className="flex-row">
          <Button
            label={isCancelled ? 'Take the cancelled meeting out' : 'Put the invitation into a calendar'}
            onPress={() => void takeFile(new File([invitation], `${title.slice(0, 60)}.ics`))}
          />
        </View>
      )}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Messages that may become tasks. */
    messages: { readonly messages: readonly ReadMessage[] };
  }
}

export const messages: Panel<Panels['messages']> = {
  useTitle: (opened) => (opened.messages.length === 1 ? 'A message' : `${opened.messages.length} messages`),
  Content: Messages,
};
