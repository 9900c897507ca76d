import { Pressable, View } from 'react-native';
import { earlierNotes } from '@/core/notes/leafing';
import { dateWords } from '@/core/time/words';
import { yearBefore } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { Subheading, Words } from '@/ui/Words';
import { DayNote } from '../parts/DayNote';
import { DayNumbers } from '../parts/DayNumbers';

/** What is said of a day: its note, and what was counted on it. */
function DayNotePanel({ date }: Panels['dayNote']) {
  const { counted } = useWorkspace().settings.routines;
  return (
    <View className="gap-5">
      <DayNote date={date} />
      {counted.length > 0 && <DayNumbers date={date} />}
      <Earlier date={date} />
      <View className="-ml-3 flex-row">
        <Button label="The day as text…" kind="quiet" onPress={() => openPanel({ kind: 'dayText', date })} />
      </View>
    </View>
  );
}

/** The notes of the day before, of the same weekday and of a year ago, to leaf back to. */
function Earlier({ date }: { date: string }) {
  const workspace = useWorkspace();
  const notes = earlierNotes(workspace, date);
  if (notes.length === 0) return null;
  return (
    <View role="group" aria-label="Earlier notes" className="gap-1">
      <Subheading>Earlier</Subheading>
      {notes.map(({ date: day, text }) => (
        <Pressable
          key={day}
          role="button"
          onPress={() => openPanel({ kind: 'dayNote', date: day })}
          className="min-h-[44px] justify-center border-b border-line hover:bg-sunken"
        >
          <Words size="xs" tone="soft">
            {day === yearBefore(date) ? 'A year ago, ' : ''}
            {dateWords(day, workspace.settings)}
          </Words>
          <Words numberOfLines={1}>{text}</Words>
        </Pressable>
      ))}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** The note of a day, and what was counted on it. */
    dayNote: { readonly date: string };
  }
}

export const dayNote: Panel<Panels['dayNote']> = {
  useTitle: ({ date }) => `Day note, ${dateWords(date, useWorkspace().settings)}`,
  Content: DayNotePanel,
};
