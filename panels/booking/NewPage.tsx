import { useState } from 'react';
import { View } from 'react-native';
import { publishPage } from '@/actions/outside/booking';
import { bounds } from '@/core/model/bounds';
import { dateWords, distanceWords, durationWords } from '@/core/time/words';
import { MINUTE } from '@/core/time/span';
import { addDays } from '@/core/time/zone';
import { useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field } from '@/ui/Field';
import { readDay } from '@/ui/dayReadings';
import { readLength, readTitle } from '@/ui/readings';
import { Heading, Words } from '@/ui/Words';

const NOTICES = [4 * 60, 1440, 2 * 1440, 7 * 1440];
const AHEAD = [7, 14, 28];
/** A page ends by itself after so many days unless another day is chosen. */
const LASTS = 30;

/** The way to a page of one's own: what it is for, how long, until when, and its rules. */
export function NewPage({ first }: { first: boolean }) {
  const { today } = useMoment();
  const { settings } = useWorkspace();
  const { mailbox } = useOutside();
  const [page, setPage] = useState({
    ...{ title: '', host: mailbox?.own.name ?? '', minutes: 30, days: 14, until: addDays(today, LASTS) },
    ...{ many: true, notice: 1440, leavesSealed: true },
  });
  const [problem, setProblem] = useState('');
  const [publishing, setPublishing] = useState(false);
  const set = (change: Partial<typeof page>) => {
    setPage({ ...page, ...change });
    setProblem('');
  };
  const publish = async () => {
    if (publishing) return;
    if (page.title === '' || page.host === '')
      return setProblem('It takes a title and your name: that is what others read.');
    setPublishing(true);
    await publishPage(page);
    setPublishing(false);
    setPage({ ...page, title: '' });
  };
  return (
    <View className={`gap-4 ${first ? '' : 'border-t border-line pt-4'}`}>
      <Heading level={2}>A new page</Heading>
      <Field
        label="What it is for, as others read it"
        wraps
        text={page.title}
        read={readTitle}
        placeholder="A talk about the weir"
        onSave={(title) => set({ title })}
      />
      <Field label="Your name" text={page.host} read={readTitle} onSave={(host) => set({ host })} />
      <Field
        label="How long"
        text={durationWords(page.minutes)}
        read={(typed) => readLength(typed, bounds.sittingMinutes)}
        onSave={(minutes) => set({ minutes })}
      />
      <Field
        label="The last day that can be booked"
        text={dateWords(page.until, settings)}
        read={readDay}
        onSave={({ date }) => set({ until: date })}
      />
      <Choice
        label="How far ahead"
        value={String(page.days)}
        onChoose={(days) => set({ days: Number(days) })}
        options={AHEAD.map((days) => ({ value: String(days), name: `${days} days` }))}
      />
      <Choice
        label="Booked at the latest before it"
        value={String(page.notice)}
        onChoose={(notice) => set({ notice: Number(notice) })}
        options={NOTICES.map((minutes) => ({
          value: String(minutes),
          name: distanceWords(minutes * MINUTE),
        }))}
      />
      <Choice
        label="It can be booked"
        value={page.many ? 'many' : 'once'}
        onChoose={(to) => set({ many: to === 'many' })}
        options={[
          { value: 'many', name: 'by several' },
          { value: 'once', name: 'once' },
        ]}
      />
      <CheckBox
        label="Leave sealed weeks as they are"
        checked={page.leavesSealed}
        onToggle={() => set({ leavesSealed: !page.leavesSealed })}
      />
      <View aria-live="polite">{problem !== '' && <Words tone="brick">{problem}</Words>}</View>
      <View className="flex-row">
        <Button label="Publish it" kind="primary" onPress={() => void publish()} />
      </View>
    </View>
  );
}
