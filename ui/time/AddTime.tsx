import { useState } from 'react';
import { View } from 'react-native';
import { addEntry } from '@/core/commands/track';
import type { Subject } from '@/core/model/plan';
import { MINUTE } from '@/core/time/span';
import { dateWords, readDuration, readTime } from '@/core/time/words';
import { instantOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '../Button';
import { Field, type Reading } from '../Field';
import { readClock } from '../readings';
import { closeSheet } from '../sheets';
import { Words } from '../Words';

/** Enters time by hand: from, and to or a length. */
export function AddTime({ subject, date }: { subject: Subject; date: string }) {
  const [from, setFrom] = useState<string | null>(null);
  const [to, setTo] = useState<number | null>(null);
  const at = (time: string) => instantOf(`${date}T${time}`, session.zone);

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
    if (store.run(addEntry, { id: newId(), subject, from: at(from), to }, 'Added the time')) closeSheet();
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
