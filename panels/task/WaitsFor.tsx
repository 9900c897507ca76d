import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { editTask } from '@/core/commands/tasks';
import { bounds } from '@/core/model/bounds';
import type { Task } from '@/core/model/task';
import { findTasks } from '@/core/tasks/find';
import { openOnes } from '@/core/tasks/openTasks';
import { inOrder } from '@/core/tasks/order';
import { taskOf } from '@/core/tasks/places';
import { waitingOn, waitsOn } from '@/core/tasks/waiting';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** How many tasks are offered at once. */
const MOST = 6;

/** The tasks that have to be done before one is begun, and those that wait for it. */
export function WaitsFor({ task }: { task: Task }) {
  const workspace = useWorkspace();
  const [choosing, setChoosing] = useState(false);
  const { id, waitsFor = [] } = task;
  const before = waitsFor.flatMap((other) => taskOf(workspace, other) ?? []);
  const after = waitingOn(workspace, id).filter(({ doneAt }) => doneAt === null);
  const setTo = (ids: readonly string[]) =>
    store.run(editTask, { id, waitsFor: ids.length === 0 ? undefined : [...ids] });
  return (
    <View role="group" aria-label="Waits for" className="gap-1">
      <View className="flex-row items-center justify-between gap-2">
        <View className="flex-1">
          <Words size="xs" tone="soft">
            Waits for
          </Words>
          {before.length === 0 && <Words>no other task</Words>}
        </View>
        <Button
          label={choosing ? 'Leave it' : 'Choose a task'}
          kind="quiet"
          onPress={() => setChoosing(!choosing)}
        />
      </View>
      {before.map((other) => (
        <View key={other.id} className="min-h-[44px] flex-row items-center gap-2 border-b border-line">
          <View className="flex-1">
            <Words>{other.title}</Words>
            {other.doneAt !== null && (
              <Words size="xs" tone="soft">
                done
              </Words>
            )}
          </View>
          <Button
            label="Open"
            says={`Open ${other.title}`}
            kind="quiet"
            onPress={() => openPanel({ kind: 'task', id: other.id })}
          />
          <IconButton
            label={`Do not wait for ${other.title}`}
            icon="close"
            colour="ink-soft"
            onPress={() => setTo(waitsFor.filter((one) => one !== other.id))}
          />
        </View>
      ))}
      {choosing && (
        <Choosing
          task={task}
          onChoose={(other) => {
            setChoosing(false);
            setTo([...waitsFor, other]);
          }}
        />
      )}
      {after.length > 0 && (
        <Words size="xs" tone="soft">
          Before {after.map(({ title }) => title).join(', ')}
        </Words>
      )}
    </View>
  );
}

/** Open tasks that can be waited for: those that do not wait for this one themselves. */
function Choosing({ task, onChoose }: { task: Task; onChoose: (id: string) => void }) {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const [typed, setTyped] = useState('');
  const { id, listId, waitsFor = [] } = task;
  const near = typed.trim() === '' ? listId : null;
  const found = inOrder(
    findTasks(openOnes(workspace, today, zone), workspace, typed, near),
    'due',
    workspace.events,
    zone,
  )
    .filter((other) => other.id !== id && !waitsFor.includes(other.id) && workspace.tasks.has(other.id))
    .filter((other) => !waitsOn(workspace, other.id, id));
  return (
    <View className="items-start gap-1">
      <TextInput
        autoFocus
        aria-label="A task to wait for"
        placeholder="Words of its title"
        placeholderTextColor="var(--ink-soft)"
        maxLength={bounds.title}
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={() => found[0] && onChoose(found[0].id)}
        className="min-h-[44px] w-full rounded-lg border border-field bg-surface px-3 font-text text-base text-ink"
      />
      {found.length === 0 && <Words tone="soft">No open task of that name.</Words>}
      {found.slice(0, MOST).map((other) => (
        <Button
          key={other.id}
          label={other.title}
          says={`Wait for ${other.title}`}
          onPress={() => onChoose(other.id)}
        />
      ))}
    </View>
  );
}
