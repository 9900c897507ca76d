import { View } from 'react-native';
import { deleteScratch, editScratch, scratchIntoTasks } from '@/core/commands/scratch';
import type { ScratchNote } from '@/core/model/scratch';
import { scratchOn } from '@/core/tasks/scratch';
import { addDays } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Subheading } from '@/ui/Words';

/** What was noted in between, each to become a task, to wait for tomorrow, or to go. */
export function Scratch({ today }: { today: string }) {
  const notes = scratchOn(useWorkspace(), today);
  if (notes.length === 0) return null;
  const intoTasks = (taken: readonly ScratchNote[]) =>
    store.run(
      scratchIntoTasks,
      { ids: taken.map(({ id }) => id), newId },
      taken.length === 1 ? `${taken[0]?.text} is in the inbox` : `${taken.length} notes are in the inbox`,
    );
  return (
    <View role="group" aria-label="Scratch notes">
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Subheading>Scratch notes</Subheading>
        {notes.length > 1 && (
          <Button label="All into the inbox" kind="quiet" onPress={() => intoTasks(notes)} />
        )}
      </View>
      {notes.map((note) => {
        const { id, text } = note;
        return (
          <View key={id} className="flex-row flex-wrap items-center border-b border-line py-1">
            <View className="min-w-[220px] flex-1">
              <Field
                label={`Scratch note: ${text}`}
                hideLabel
                text={text}
                read={readTitle}
                onSave={(to) => store.run(editScratch, { id, text: to })}
              />
            </View>
            <View className="flex-row items-center">
              <Button
                label="Task"
                says={`Task of it: ${text}`}
                kind="quiet"
                onPress={() => intoTasks([note])}
              />
              <Button
                label="Tomorrow"
                says={`Tomorrow: ${text}`}
                kind="quiet"
                onPress={() =>
                  store.run(editScratch, { id, date: addDays(today, 1) }, `${text} comes up tomorrow`)
                }
              />
              <IconButton
                label={`Delete the note: ${text}`}
                icon="remove"
                colour="ink-soft"
                onPress={() => store.run(deleteScratch, { ids: [id] }, `Deleted the note ${text}`)}
              />
            </View>
          </View>
        );
      })}
    </View>
  );
}
