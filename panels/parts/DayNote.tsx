import { View } from 'react-native';
import { boxToTask, saveNote } from '@/actions/day';
import { boxesOf, withBoxes } from '@/core/notes/boxes';
import { taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';
import { Notes } from './Notes';

/** The note of a day. A box in it can become a task of that day, and is ticked from then on when that is done. */
export function DayNote({ date }: { date: string }) {
  const workspace = useWorkspace();
  const { note = '', ties = [] } = workspace.days.get(date) ?? {};
  const tied = new Map(
    ties.map(({ text, taskId }) => [text, (taskOf(workspace, taskId)?.doneAt ?? null) !== null]),
  );
  const loose = [...boxesOf(note)].filter(([text, ticked]) => !ticked && !tied.has(text));
  return (
    <View className="gap-3">
      <Notes
        key={date}
        label="Day note"
        text={withBoxes(note, tied)}
        onSave={(text) => saveNote(date, text)}
      />
      {loose.length > 0 && (
        <View role="group" aria-label="Boxes that are not ticked" className="gap-1">
          <Words size="xs" tone="soft">
            What is not ticked can become a task of this day.
          </Words>
          {loose.map(([text]) => (
            <View key={text} className="flex-row items-center gap-2">
              <View className="flex-1">
                <Words>{text}</Words>
              </View>
              <Button
                label="Task"
                says={`Task of it: ${text}`}
                kind="quiet"
                onPress={() => boxToTask(date, text)}
              />
            </View>
          ))}
        </View>
      )}
    </View>
  );
}
