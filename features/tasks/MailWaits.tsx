import { View } from 'react-native';
import { useOutside } from '@/state/outside';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** How many messages wait in the mailbox, beside what waits in the inbox. */
export function MailWaits() {
  const { mailbox } = useOutside();
  const count = mailbox?.heads.length ?? 0;
  const drafts = mailbox?.drafts.length ?? 0;
  if (count + drafts === 0) return null;
  const waits = `${count === 1 ? 'One message is' : `${count} messages are`} unread or flagged in your mailbox`;
  const sends =
    drafts === 0 ? '' : `${drafts === 1 ? 'one answer waits' : `${drafts} answers wait`} to be sent`;
  return (
    <View className="flex-row flex-wrap items-center gap-x-3">
      <Words tone="soft">{[waits, sends].filter(Boolean).join('; ')}.</Words>
      <Button label="Messages…" kind="quiet" onPress={() => openPanel({ kind: 'mailbox' })} />
    </View>
  );
}
