import { useState } from 'react';
import { View } from 'react-native';
import { nameOf } from '@/core/calendar/attendees';
import { writeBack } from '@/actions/outside/mailActs';
import { freeTimes, WORKDAYS } from '@/core/outside/freeTimes';
import { freeTimesText } from '@/core/outside/freeTimesWords';
import type { MailHead } from '@/core/outside/mailbox';
import { answerWords } from '@/core/forecast/promiseWords';
import { nameOfZone } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useCities } from '@/ui/cities';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { readWords } from '@/ui/readings';
import { QUARTER, useSince } from '@/ui/useSince';
import { Words } from '@/ui/Words';
import { useAsked } from './AskedTime';

/** What free times are given of where nothing else is said: an hour, within two weeks, on working days. */
const USUAL = { minutes: 60, days: 14, weekdays: WORKDAYS, most: 3, leavesSealed: true } as const;

type Props = { head: MailHead; minutes: number | undefined; onSent: () => void };

/** An answer to a message: what is said often is written by a press, and all of it can be changed before it is sent. */
export function WriteBack({ head, minutes, onSent }: Props) {
  const [text, setText] = useState('');
  const [sending, setSending] = useState(false);
  const add = (more: string) => setText((before) => [before, more].filter(Boolean).join('\n\n'));
  const send = async () => {
    if (sending || text.trim() === '') return;
    setSending(true);
    await writeBack(head, text);
    onSent();
  };
  const who = nameOf(head.from);
  return (
    <View className="gap-2 border-t border-line pt-2">
      <View role="group" aria-label="Said often" className="flex-row flex-wrap gap-2">
        <FreeTimes minutes={minutes} onAdd={add} />
        <ByWhen title={head.subject} minutes={minutes ?? USUAL.minutes} onAdd={add} />
        <Button label="It is done" kind="quiet" onPress={() => add('It is done.')} />
      </View>
      <Field
        key={text}
        label={`Your answer to ${who}`}
        multiline
        text={text}
        read={readWords}
        onSave={setText}
      />
      {text.trim() === '' && (
        <Words size="xs" tone="soft">
          Write something, or press one of the words above.
        </Words>
      )}
      <View className="flex-row">
        <Button
          label="Send the answer"
          says={`Send the answer to ${who}`}
          kind="primary"
          onPress={() => void send()}
        />
      </View>
    </View>
  );
}

type SaidOften = { minutes: number | undefined; onAdd: (text: string) => void };

function FreeTimes({ minutes = USUAL.minutes, onAdd }: SaidOften) {
  const { today } = useMoment();
  const workspace = useWorkspace();
  const { zone, now } = useSince(QUARTER);
  const cities = useCities();
  const write = () => {
    const giving = { ...USUAL, minutes, from: today, theirs: zone, hours: null, with: [] };
    const { times } = freeTimes(workspace, giving, zone, now);
    const city = cities?.cityOf(zone) ?? nameOfZone(zone);
    const given = { minutes, theirs: zone, elsewhere: false, city, style: workspace.settings };
    onAdd(times.length === 0 ? 'I have no free hours in the next two weeks.' : freeTimesText(times, given));
  };
  return <Button label="Free times" kind="quiet" onPress={write} />;
}

function ByWhen({
  title,
  minutes,
  onAdd,
}: {
  title: string;
  minutes: number;
  onAdd: (text: string) => void;
}) {
  const workspace = useWorkspace();
  const since = useSince(QUARTER);
  const { request, found } = useAsked(title, minutes);
  const write = () => {
    if ('answer' in found) onAdd(answerWords(found.answer, request, { workspace, ...since }));
  };
  return <Button label="By when" kind="quiet" onPress={write} />;
}
