import { useState } from 'react';
import { View } from 'react-native';
import { askMailbox, leaveMailbox } from '@/actions/outside/mail';
import { feedWords } from '@/core/outside/feedWords';
import { changeMailbox, useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { closePanel, openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { readSecret } from './readSecret';

/** The way to a mailbox, or to how the one that is connected stands. */
export function MailboxButton() {
  const { mailbox } = useOutside();
  return mailbox ? (
    <Button label="Mailbox…" onPress={() => openPanel({ kind: 'mailboxSettings' })} />
  ) : (
    <Button label="Connect a mailbox…" onPress={() => openPanel({ kind: 'connectMailbox' })} />
  );
}

/** The mailbox: how it stands, what becomes of its messages, and the way to leave it. */
export function MailboxSettings() {
  const { zone, now, today } = useMoment();
  const { settings: style } = useWorkspace();
  const { mailbox } = useOutside();
  const [asking, setAsking] = useState(false);
  if (!mailbox) return <Words tone="soft">No mailbox is connected.</Words>;
  const { own, server, trouble, heardAt, whenDone } = mailbox;
  const ask = () => {
    // the button stays one that can be pressed, so that the keyboard stays on it
    if (asking) return;
    setAsking(true);
    void askMailbox().finally(() => setAsking(false));
  };
  return (
    <View className="gap-4">
      <Words face="strong">{own.address}</Words>
      <Words tone={trouble ? 'brick' : 'soft'} aria-live="polite">
        {asking ? 'Asking…' : feedWords({ address: server, trouble, heardAt }, { zone, now, today, style })}
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Ask and send now" onPress={ask} />
        <Button label="Messages…" onPress={() => openPanel({ kind: 'mailbox' })} />
      </View>
      <Choice
        label="When the task of a message is done"
        value={whenDone}
        onChoose={(to) => changeMailbox((now) => ({ ...now, whenDone: to }))}
        options={[
          { value: 'leave', name: 'leave the message' },
          { value: 'flag', name: 'flag it' },
          { value: 'file', name: 'file it' },
        ]}
      />
      {trouble?.why === 'signIn' && (
        <Field
          label="Another password"
          text=""
          secret
          read={readSecret}
          onSave={(password) => {
            changeMailbox((now) => ({ ...now, password }));
            ask();
          }}
        />
      )}
      <View className="flex-row">
        <Button
          label="Leave the mailbox"
          kind="danger"
          onPress={() => {
            closePanel();
            leaveMailbox();
          }}
        />
      </View>
    </View>
  );
}
