import { View } from 'react-native';
import { deleteTask, editTask } from '@/core/commands/tasks';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { dueText } from '@/core/tasks/dueWords';
import { durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { Field } from '../Field';
import { readDue, readEstimate, readTitle } from '../readings';
import { closeSheet, openSheet } from '../sheets';
import { SpentList } from '../time/SpentList';
import { useToday } from '../useNow';
import { Words } from '../Words';
import { toggleDone } from './actions';
import { BlockFields } from './BlockFields';
import { ListChoice, PriorityChoice } from './choices';
import { NeededBy } from './NeededBy';
import { TimerButton } from './TaskParts';

/** Everything about one task, each field saving itself; with `blockId` also the block that was opened. */
export function TaskDetails({
  id,
  blockId,
  trayId,
}: {
  id: Id;
  blockId?: Id | undefined;
  trayId?: Id | undefined;
}) {
  const { tasks, blocks, settings } = useWorkspace();
  const today = useToday();
  const task = tasks.get(id);
  if (!task) return <Words tone="soft">This task is no longer there.</Words>;
  const block = blockId ? blocks.get(blockId) : undefined;
  const edit = (changes: Partial<Task>) => store.run(editTask, { id, ...changes });
  const remove = () => {
    closeSheet();
    store.run(deleteTask, { id, at: session.now() }, `Deleted ${task.title}`);
  };
  return (
    <View className="gap-4">
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={task.doneAt === null ? 'Done' : 'Not done'}
          says={`${task.doneAt === null ? 'Done' : 'Not done'}: ${task.title}`}
          icon="check"
          kind="primary"
          onPress={() => toggleDone(task)}
        />
        <TimerButton subject={{ kind: 'task', taskId: id }} />
        <Button
          label="Place…"
          onPress={() =>
            openSheet({
              kind: 'place',
              taskId: id,
              ...(block ? { blockId: block.id } : {}),
              ...(trayId ? { trayId } : {}),
            })
          }
        />
      </View>
      <Field label="Title" text={task.title} read={readTitle} onSave={(title) => edit({ title })} />
      {block && <BlockFields block={block} />}
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field
            label="Estimate"
            text={task.estimate === null ? '' : durationWords(task.estimate)}
            read={readEstimate}
            onSave={(estimate) => edit({ estimate })}
            placeholder="1h30"
          />
        </View>
        <View className="flex-[1.9]">
          <Field
            label="Due"
            text={dueText(task.due, settings.clock)}
            read={readDue}
            onSave={(due) => edit({ due })}
            placeholder="fri 14:00"
          />
        </View>
      </View>
      <NeededBy task={task} />
      <PriorityChoice value={task.priority} onChoose={(priority) => edit({ priority })} />
      <ListChoice value={task.listId} onChoose={(listId) => edit({ listId })} />
      <Field
        label="Notes"
        text={task.notes}
        read={(notes) => ({ value: notes })}
        onSave={(notes) => edit({ notes })}
        multiline
      />
      <SpentList subject={{ kind: 'task', taskId: id }} estimate={task.estimate} date={today} />
      <View className="flex-row">
        <Button label="Delete task" icon="remove" kind="danger" onPress={remove} />
      </View>
    </View>
  );
}
