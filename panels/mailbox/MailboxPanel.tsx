import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { askMailbox } from '@/actions/outside/mail';
import { dropDraft, searchMail } from '@/actions/outside/mailActs';
import { sendAgain } from '@/actions/outside/requests';
import { feedWords } from '@/core/outside/feedWords';
import { nameOf } from '@/core/calendar/attendees';
import { refusedBy, type Mailbox, type MailHead } from '@/core/outside/mailbox';
import { useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { readName } from '@/ui/readings';
import { Heading, Words } from '@/ui/Words';
import { Mail } from './Mail';

/** What waits in the mailbox, unread or flagged: each becomes a task, is answered, or is put aside. */
function MailboxPanel() {
  const { mailbox } = useOutside();
  if (!mailbox)
    return (
      <View className="gap-3">
        <Words tone="soft">
          With a mailbox connected, messages that wait are listed here, and one press makes a task of one.
        </Words>
        <View className="flex-row">
          <Button label="Connect a mailbox…" onPress={() => openPanel({ kind: 'connectMailbox' })} />
        </View>
      </View>
    );
  return <Opened mailbox={mailbox} />;
}

function Opened({ mailbox }: { mailbox: Mailbox }) {
  const [found, setFound] = useState<{ text: string; heads: readonly MailHead[] } | null>(null);
  const { heads, drafts } = mailbox;
  const search = async (text: string) => {
    const all = text === '' ? undefined : await searchMail(text);
    setFound(all ? { text, heads: all } : null);
  };
  const shown = found?.heads ?? heads;
  const count = shown.length === 1 ? 'One message' : `${shown.length} messages`;
  // what was taken is gone from the list as soon as it is found again
  const isThere = ({ id }: MailHead) => found === null || heads.some((head) => head.id === id) || !taken(id);
  const workspace = useWorkspace();
  const taken = (id: string) => workspace.messages.values().some(({ mail }) => mail?.id === id);
  return (
    <View className="gap-4">
      <Stands mailbox={mailbox} />
      <Field
        label="Find a message"
        text={found?.text ?? ''}
        read={readName}
        placeholder="gauge readings"
        onSave={(text) => void search(text)}
      />
      <Words aria-live="polite" tone="soft">
        {found ? `${count} with “${found.text}”` : `${count} unread or flagged`}
      </Words>
      {shown.length > 0 && (
        <View role="list" aria-label="Messages" className="gap-3">
          {shown.filter(isThere).map((head) => (
            <Mail key={head.id} head={head} />
          ))}
        </View>
      )}
      {drafts.length > 0 && <Drafts mailbox={mailbox} />}
    </View>
  );
}

/** How the mailbox stands, and asking it now. */
function Stands({ mailbox }: { mailbox: Mailbox }) {
  const { zone, now, today } = useMoment();
  const { settings: style } = useWorkspace();
  const [asking, setAsking] = useState(false);
  const { trouble, heardAt, server, own } = mailbox;
  // whoever looks wants what is there now
  useEffect(() => void askMailbox(), []);
  const ask = async () => {
    if (asking) return;
    setAsking(true);
    await askMailbox();
    setAsking(false);
  };
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-x-3">
      <View className="min-w-[12rem] flex-1">
        <Words size="xs" tone={trouble ? 'brick' : 'soft'} aria-live="polite">
          {`${own.address}. ${feedWords({ address: server, trouble, heardAt }, { zone, now, today, style })}`}
        </Words>
      </View>
      <Button label="Ask now" kind="quiet" onPress={() => void ask()} />
    </View>
  );
}

/** Answers that wait to be sent. */
const Drafts = ({ mailbox }: { mailbox: Mailbox }) => (
  <View className="gap-2 border-t border-line pt-3">
    <Heading level={2}>Waiting to be sent</Heading>
    {mailbox.drafts.map((draft) => {
      const refusal = refusedBy(mailbox, draft.id);
      const about = `${draft.subject}, to ${nameOf(draft.to)}`;
      return (
        <View key={draft.id} className="gap-1">
          <Words face="strong">{about}</Words>
          <Words size="xs" tone="soft" numberOfLines={3}>
            {draft.text}
          </Words>
          {refusal && (
            <Words size="xs" tone="brick">
              {`The mailbox refuses it (${refusal}).`}
            </Words>
          )}
          <View className="-ml-3 flex-row flex-wrap">
            {refusal && (
              <Button
                label="Try again"
                says={`Try again: ${about}`}
                kind="quiet"
                onPress={() => {
                  sendAgain(draft.id);
                  void askMailbox();
                }}
              />
            )}
            <Button
              label="Drop it"
              says={`Drop it: ${about}`}
              kind="quiet"
              onPress={() => dropDraft(draft)}
            />
          </View>
        </View>
      );
    })}
  </View>
);

export const mailboxPanel: Panel<Panels['mailbox']> = {
  useTitle: () => 'Messages',
  Content: MailboxPanel,
};

declare module '@/ui/panels' {
  interface Panels {
    /** What waits in the mailbox. */
    mailbox: object;
  }
}
