import { View } from 'react-native';
import { checklistOf, saveTasks } from '@/actions/files/taskFiles';
import { copyText } from '@/actions/copyText';
import type { Id } from '@/core/model/common';
import { taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import type { Panel, Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';

const files = [
  {
    format: 'table',
    name: 'A table (CSV)',
    about: 'For spreadsheets. All words of a task, its steps and notes too.',
  },
  {
    format: 'checklist',
    name: 'A checklist (Markdown)',
    about: 'A box for each task in plain words, its steps below. Notes stay out.',
  },
  {
    format: 'calendar',
    name: 'A calendar file (VTODO)',
    about: 'For calendars and other programs with tasks. Steps, lists and hidden days stay out.',
  },
] as const;

/** Tasks as a file of one of three formats, or as text to paste elsewhere. */
function TasksOut({ ids }: Panels['tasksOut']) {
  const workspace = useWorkspace();
  const tasks = ids.flatMap((id) => taskOf(workspace, id) ?? []);
  return (
    <View className="gap-4">
      {files.map(({ format, name, about }) => (
        <View key={format} className="gap-1">
          <View className="flex-row">
            <Button label={name} onPress={() => void saveTasks(tasks, format)} />
          </View>
          <Words size="xs" tone="soft">
            {about}
          </Words>
        </View>
      ))}
      <View className="flex-row">
        <Button label="Copy as text" kind="primary" onPress={() => void copyText(checklistOf(tasks))} />
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Tasks that go out. */
    tasksOut: { readonly ids: readonly Id[] };
  }
}

export const tasksOut: Panel<Panels['tasksOut']> = {
  useTitle: ({ ids }) => (ids.length === 1 ? 'Take one task out' : `Take ${ids.length} tasks out`),
  Content: TasksOut,
};
