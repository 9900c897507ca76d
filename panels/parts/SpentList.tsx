import { View } from 'react-native';
import { deleteEntry, editEntry } from '@/core/commands/track';
import type { Subject, TimeEntry } from '@/core/model/plan';
import { minutesOf } from '@/core/time/span';
import { clockWords, dateWords, durationWords, timeWords } from '@/core/time/words';
import { dateOf, instantOf, timeOf } from '@/core/time/zone';
import { entriesOf, spanOfEntry } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button, IconButton } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { readClock } from '@/ui/readings';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

type SpentListProps = {
  subject: Subject;
  estimate: number | null;
  date: string;
  /** The keyboard goes to what can be corrected. */
  focusFirst?: boolean;
};

/** The time spent on something, entry by entry, to correct and to add to. */
export function SpentList({ subject, estimate, date, focusFirst = false }: SpentListProps) {
  const { now } = useMoment();
  const { entries } = useWorkspace();
  const own = [...entriesOf(entries, subject)].sort((a, b) => b.from - a.from);
  const latest = own.find(({ to }) => to !== null);
  const spent = minutesOf(own.map((entry) => spanOfEntry(entry, now)));
  return (
    <View className="gap-2">
      <View className="flex-row items-center justify-between gap-2">
        <Words face="strong">
          {spent === 0 ? 'No time spent yet' : `${durationWords(spent)} spent`}
          {estimate !== null ? ` of ${durationWords(estimate)}` : ''}
        </Words>
        <Button label="Add time…" kind="quiet" onPress={() => openPanel({ kind: 'time', subject, date })} />
      </View>
      {own.map((entry) => (
        <EntryRow key={entry.id} entry={entry} focusFirst={focusFirst && entry === latest} />
      ))}
    </View>
  );
}

function EntryRow({ entry, focusFirst }: { entry: TimeEntry; focusFirst: boolean }) {
  const { zone } = useMoment();
  const { settings } = useWorkspace();
  const { id, from, to } = entry;
  const date = dateOf(from, zone);
  if (to === null) {
    return <Words tone="amber">Running since {clockWords(from, zone, settings.clock)}</Words>;
  }
  const at = (time: string, day: string) => instantOf(`${day}T${time}`, zone);
  /** A typed time of day, unless the entry would end before it begins. */
  const readTime =
    (instantOfTime: (time: string) => number, fits: (instant: number) => boolean) => (typed: string) => {
      const reading = readClock(typed);
      if ('problem' in reading || fits(instantOfTime(reading.value))) return reading;
      return { problem: 'The end must be after the start.' };
    };
  const [begin, end] = [(time: string) => at(time, date), (time: string) => at(time, dateOf(to, zone))];
  const text = (instant: number) => timeWords(timeOf(instant, zone), settings.clock);
  return (
    <View className="flex-row items-end gap-2">
      <View className="flex-1">
        <Field
          label={`${dateWords(date, settings)}, from`}
          text={text(from)}
          focusFirst={focusFirst}
          read={readTime(begin, (instant) => instant < to)}
          onSave={(time) => store.run(editEntry, { id, from: begin(time), to })}
        />
      </View>
      <View className="flex-1">
        <Field
          label="to"
          text={text(to)}
          read={readTime(end, (instant) => instant > from)}
          onSave={(time) => store.run(editEntry, { id, from, to: end(time) })}
        />
      </View>
      <IconButton
        label={`Delete time from ${text(from)} to ${text(to)}`}
        icon="remove"
        onPress={() => store.run(deleteEntry, { id }, 'Deleted the time')}
      />
    </View>
  );
}
