import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { markMail, takeMail } from '@/actions/outside/mailActs';
import { lengthIn } from '@/core/capture/lengthIn';
import { nameOf } from '@/core/calendar/attendees';
import type { MailHead } from '@/core/outside/mailbox';
import { whenWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { AskedTime } from './AskedTime';
import { Whole } from './Whole';
import { WriteBack } from './WriteBack';

/** A message of the mailbox: who, when, how it begins; and what can be made of it. */
export function Mail({ head }: { head: MailHead }) {
  const { zone, today } = useMoment();
  const { settings: style } = useWorkspace();
  const [open, setOpen] = useState<'nothing' | 'text' | 'answer'>('nothing');
  const [busy, setBusy] = useState(false);
  const { from, preview, receivedAt, unread, flagged } = head;
  const subject = head.subject || 'Without a subject';
  const says = (what: string) => `${what}: ${subject}`;
  const once = async (act: () => Promise<void>) => {
    if (busy) return;
    setBusy(true);
    await act();
    setBusy(false);
  };
  const minutes = useMemo(() => lengthIn(`${subject}\n${preview}`), [subject, preview]);
  const about = [
    nameOf(from),
    whenWords(receivedAt, today, zone, style),
    unread ? 'unread' : '',
    flagged ? 'flagged' : '',
  ];
  return (
    <View role="listitem" aria-busy={busy} className="gap-1 rounded-lg border border-line bg-surface p-3">
      <Words face="strong">{subject}</Words>
      <Words size="xs" tone="soft">
        {about.filter(Boolean).join(' · ')}
      </Words>
      {open === 'text' ? <Whole head={head} /> : <Words numberOfLines={3}>{preview}</Words>}
      {minutes !== undefined && <AskedTime title={subject} minutes={minutes} />}
      <View className="flex-row flex-wrap items-center gap-2 pt-1">
        <Button
          label="Make a task of it"
          says={says('Make a task of it')}
          onPress={() => void once(() => takeMail(head))}
        />
        <Button
          label="Answer…"
          says={says('Answer…')}
          onPress={() => setOpen(open === 'answer' ? 'nothing' : 'answer')}
        />
      </View>
      <View className="-ml-3 flex-row flex-wrap">
        <Quiet
          label={open === 'text' ? 'Fold it' : 'Read all of it'}
          of={subject}
          onPress={() => setOpen(open === 'text' ? 'nothing' : 'text')}
        />
        <Quiet
          label={unread ? 'Mark as read' : 'Mark as unread'}
          of={subject}
          onPress={() => void once(() => markMail(head, { seen: unread }))}
        />
        <Quiet
          label={flagged ? 'Take the flag off' : 'Flag it'}
          of={subject}
          onPress={() => void once(() => markMail(head, { flagged: !flagged }))}
        />
        {minutes !== undefined && (
          <Quiet
            label="Can I take it on?"
            of={subject}
            onPress={() => openPanel({ kind: 'promise', title: subject, minutes })}
          />
        )}
      </View>
      {open === 'answer' && <WriteBack head={head} minutes={minutes} onSent={() => setOpen('nothing')} />}
    </View>
  );
}

const Quiet = ({ label, of, onPress }: { label: string; of: string; onPress: () => void }) => (
  <Button label={label} says={`${label}: ${of}`} kind="quiet" onPress={onPress} />
);
