import { useState } from 'react';
import { View } from 'react-native';
import { addEntry } from '@/core/commands/track';
import type { Subject } from '@/core/model/plan';
import { MINUTE } from '@/core/time/span';
import { readDuration } from '@/core/capture/readDuration';
import { readTime } from '@/core/capture/readTime';
import { dateWords } from '@/core/time/words';
import { instantOf } from '@/core/time/zone';
import { newId, store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { Field, type Reading } from '@/ui/Field';
import { readClock } from '@/ui/readings';
import { closePanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** Enters time by hand: from, and to or a length. */
export function AddTime({ subject, date }: { subject: Subject; date: string }) {
  const { zone } = useMoment();
  const [from, setFrom] = useState<string | null>(null);
  const [to, setTo] = useState<number | null>(null);
  const at = (time: string) => instantOf(`${date}T${time}`, zone);

  const readEnd = (typed: string): Reading<number> => {
    if (from === null) return { problem: 'Say first when it began.' };
    const time = /^\d{1,2}[:.]\d\d$|[ap]m?$/i.test(typed.trim()) ? readTime(typed) : undefined;
    const length = time ? undefined : readDuration(typed);
    if (!time && !length)
      return { problem: `“${typed}” is neither a time of day nor a length. Try 15:30 or 45m.` };
    const end = time ? at(time) : at(from) + (length ?? 0) * MINUTE;
    return end > at(from)
      ? { value: end }
      : { problem: `The end, ${time}, is not after the start, ${from}.` };
  };
  const save = () => {
    if (from === null || to === null) return;
    if (store.run(addEntry, { id: newId(), subject, from: at(from), to }, 'Added the time')) closePanel();
  };
  return (
    <View className="gap-4">
      <Words tone="soft">On {dateWords(date)}</Words>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field label="From" text="" read={readClock} onSave={setFrom} placeholder="9:30" focusFirst />
        </View>
        <View className="flex-1">
          <Field label="To, or how long" text="" read={readEnd} onSave={setTo} placeholder="10:45 or 1h15" />
        </View>
      </View>
      <Button label="Add time" kind="primary" onPress={save} disabled={from === null || to === null} />
    </View>
  );
}
