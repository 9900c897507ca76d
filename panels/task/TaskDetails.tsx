import { useState } from 'react';
import { View } from 'react-native';
import type { Scope } from '@/core/commands/events';
import { copyTask } from '@/core/commands/lists';
import { editTask } from '@/core/commands/tasks';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { againWords, readAgain, type Again } from '@/core/tasks/again';
import { leadsOf } from '@/core/remind/leads';
import { blockOf, lastPlaceOf, taskOf, trayItemOf } from '@/core/tasks/places';
import { repeatingOf } from '@/core/tasks/repeating';
import { useWorkspace } from '@/state/shown';
import { here } from '@/state/here';
import { newId, store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field, type Reading } from '@/ui/Field';
import { readTitle, readWords } from '@/ui/readings';
import { openPanel } from '@/ui/panels';
import { Attachments } from '../parts/Attachments';
import { Notes } from '../parts/Notes';
import { RepeatFields } from '../parts/RepeatFields';
import { ScopeChoice, deleteWords } from '../parts/ScopeChoice';
import { SpentList } from '../parts/SpentList';
import { Words } from '@/ui/Words';
import { toggleDone } from '@/actions/tasks';
import { Aside, NotBefore } from './Aside';
import { BlockFields } from './BlockFields';
import { ListChoice, PriorityChoice } from '../parts/choices';
import { EstimateAndDue } from '../parts/EstimateAndDue';
import { ForGoal } from './ForGoal';
import { FromAccount } from './FromAccount';
import { MessagesOf } from './MessagesOf';
import { NeededBy } from './NeededBy';
import { Parts } from './Parts';
import { Sittings } from './Sittings';
import { Steps } from './Steps';
import { WaitsFor } from './WaitsFor';
import { deleteTimes, editTimes, setRule, startOfPlace } from '@/actions/repeats';
import { LeadsField } from '@/board/LeadsField';
import { TimerButton } from '@/board/taskParts';

const readAgainOrNone = (typed: string): Reading<Again | undefined> => {
  if (typed.trim() === '') return { value: undefined };
  const again = readAgain(typed);
  return again ? { value: again } : { problem: `“${typed.trim()}” is no such time. Try 2 weeks or a month.` };
};

type TaskDetailsProps = { id: Id; blockId?: Id | undefined; trayId?: Id | undefined };

const copy = ({ id, title }: Task) =>
  store.run(copyTask, { id, newId, at: here().now }, `${title} is there twice`);

/** Everything about one task, each field saving itself; with `blockId` also the block that was opened. */
export function TaskDetails({ id, blockId, trayId }: TaskDetailsProps) {
  const { today } = useMoment();
  const workspace = useWorkspace();
  const { repeats, categories } = workspace;
  const [scope, setScope] = useState<Scope>('one');
  const task = taskOf(workspace, id);
  if (!task) return <Words tone="soft">This task is no longer there.</Words>;
  const block = blockId ? blockOf(workspace, blockId) : undefined;
  const item = trayId ? trayItemOf(workspace, trayId) : undefined;
  const place = block ?? item ?? lastPlaceOf(workspace, task.id);
  const repeating = repeatingOf(task, repeats);
  const edit = (words: Parameters<typeof editTimes>[2]) => editTimes(task, scope, words);
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
            openPanel({
              kind: 'place',
              taskId: id,
              ...(block ? { blockId: block.id } : {}),
              ...(trayId ? { trayId } : {}),
            })
          }
        />
        <Button
          label="Later…"
          says={`Later: ${task.title}`}
          onPress={() => openPanel({ kind: 'later', ids: [id] })}
        />
      </View>
      <Aside task={task} />
      <FromAccount task={task} />
      <MessagesOf taskId={id} />
      {repeating && <ScopeChoice value={scope} onChoose={setScope} />}
      <Field label="Title" wraps text={task.title} read={readTitle} onSave={(title) => edit({ title })} />
      {block && <BlockFields block={block} />}
      <Parts task={task} />
      <Steps task={task} />
      <EstimateAndDue
        of={task}
        estimate={task.estimate}
        due={task.due}
        onEstimate={(estimate) => edit({ estimate })}
        onDue={(due) => store.run(editTask, { id, due })}
      />
      <NotBefore task={task} />
      <NeededBy task={task} />
      <WaitsFor task={task} />
      <Sittings task={task} />
      <PriorityChoice value={task.priority} onChoose={(priority) => edit({ priority })} />
      <Choice
        label="Needs"
        value={task.energy ?? 'any'}
        onChoose={(energy) => store.run(editTask, { id, energy: energy === 'any' ? undefined : energy })}
        options={[
          { value: 'sharp', name: 'sharp hours' },
          { value: 'any', name: 'any hours' },
          { value: 'light', name: 'little' },
        ]}
      />
      <LeadsField
        label="Remind me before it begins"
        leads={task.leads}
        otherwise={leadsOf(workspace, { category: task.category })}
        onSave={(leads) => edit({ leads })}
      />
      {task.due && (
        <LeadsField
          label="Remind me before it is due"
          leads={task.dueLeads}
          otherwise={workspace.settings.reminders.due}
          onSave={(dueLeads) => edit({ dueLeads })}
        />
      )}
      <Field
        label="Category"
        text={categories.get(task.category ?? '')?.name ?? ''}
        read={readWords}
        onSave={(categoryName) => edit({ categoryName })}
        placeholder="Fieldwork"
      />
      <ForGoal task={task} />
      <ListChoice value={task.listId} onChoose={(listId) => edit({ listId })} />
      <Notes text={task.notes} onSave={(notes) => edit({ notes })} />
      <Attachments
        of={{ kind: 'task', taskId: id }}
        all={task.repeats && { kind: 'repeat', repeatIds: [task.repeats.id] }}
      />
      <RepeatFields
        rule={repeating?.rule ?? null}
        start={(repeating?.start ?? startOfPlace(place)).wall.slice(0, 10)}
        onRule={(rule) => setRule(task, rule, place)}
      />
      {!repeating && (
        <Field
          label="Repeat this long after it is done"
          text={task.again ? againWords(task.again) : ''}
          read={readAgainOrNone}
          placeholder="2 weeks"
          onSave={(again) => store.run(editTask, { id, again })}
        />
      )}
      <SpentList subject={{ kind: 'task', taskId: id }} estimate={task.estimate} date={today} />
      <View className="flex-row flex-wrap gap-2">
        {!repeating && <Button label="Duplicate" onPress={() => copy(task)} />}
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
