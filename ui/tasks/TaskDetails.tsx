import { useState } from 'react';
import { View } from 'react-native';
import type { Scope } from '@/core/commands/events';
import { editTask } from '@/core/commands/tasks';
import { groupedBy } from '@/core/model/collection';
import type { Id } from '@/core/model/common';
import type { Block, TrayItem } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import type { Workspace } from '@/core/model/workspace';
import { blocksOfTask } from '@/core/plan/dayPlan';
import { repeatingOf } from '@/core/tasks/repeating';
import { dueText } from '@/core/tasks/dueWords';
import { durationWords } from '@/core/time/words';
import { store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { Field } from '../Field';
import { readDue, readEstimate, readTitle, readWords } from '../readings';
import { openSheet } from '../sheets';
import { RepeatFields } from '../time/RepeatFields';
import { ScopeChoice, deleteWords } from '../time/ScopeChoice';
import { SpentList } from '../time/SpentList';
import { useToday } from '../useNow';
import { Words } from '../Words';
import { toggleDone } from './actions';
import { BlockFields } from './BlockFields';
import { ListChoice, PriorityChoice } from './choices';
import { NeededBy } from './NeededBy';
import { deleteTimes, editTimes, setRule, startOfPlace } from './repeatActions';
import { TimerButton } from './TaskParts';

const trayOfTask = groupedBy<TrayItem>(({ taskId }) => taskId);

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
  const { tasks, blocks, tray, settings, repeats } = useWorkspace();
  const [scope, setScope] = useState<Scope>('one');
  const today = useToday();
  const task = tasks.get(id);
  if (!task) return <Words tone="soft">This task is no longer there.</Words>;
  const block = blockId ? blocks.get(blockId) : undefined;
  const item = trayId ? tray.get(trayId) : undefined;
  const place = block ?? item ?? placeOf(task.id, blocks, tray);
  const repeating = repeatingOf(task, repeats);
  const edit = (words: Parameters<typeof editTimes>[2]) => editTimes(task, scope, words);
  const one = (changes: Partial<Pick<Task, 'due'>>) => store.run(editTask, { id, ...changes });
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
      {repeating && <ScopeChoice value={scope} onChoose={setScope} />}
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
            onSave={(due) => one({ due })}
            placeholder="fri 14:00"
          />
        </View>
      </View>
      <NeededBy task={task} />
      <PriorityChoice value={task.priority} onChoose={(priority) => edit({ priority })} />
      <Field
        label="Category"
        text={task.category ?? ''}
        read={readWords}
        onSave={(category) => edit({ category: category || undefined })}
        placeholder="Fieldwork"
      />
      <ListChoice value={task.listId} onChoose={(listId) => edit({ listId })} />
      <Field
        label="Notes"
        text={task.notes}
        read={(notes) => ({ value: notes })}
        onSave={(notes) => edit({ notes })}
        multiline
      />
      <RepeatFields
        rule={repeating?.rule ?? null}
        start={(repeating?.start ?? startOfPlace(place)).wall.slice(0, 10)}
        onRule={(rule) => setRule(task, rule, place)}
      />
      <SpentList subject={{ kind: 'task', taskId: id }} estimate={task.estimate} date={today} />
      <View className="flex-row">
        <Button
          label={repeating ? deleteWords[scope] : 'Delete task'}
          icon="remove"
          kind="danger"
          onPress={() => deleteTimes(task, repeating ? scope : 'one')}
        />
      </View>
    </View>
  );
}

/** The last place that a task has in the plan. */
const placeOf = (id: Id, blocks: Workspace['blocks'], tray: Workspace['tray']) =>
  blocksOfTask(blocks, id).reduce<Block | undefined>(
    (last, block) => (last && last.start > block.start ? last : block),
    undefined,
  ) ?? trayOfTask(tray, id)[0];
