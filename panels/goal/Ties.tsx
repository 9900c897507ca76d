import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { makeTaskFor, takeOff, tieTo } from '@/actions/goals';
import { tieable, tiedTo, type Tied } from '@/core/goals/tieable';
import type { Goal, TieKind } from '@/core/model/goal';
import { taskOf } from '@/core/tasks/places';
import { bounds } from '@/core/model/bounds';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Subheading, Words } from '@/ui/Words';

const kinds: Readonly<Record<TieKind, string>> = { tasks: 'task', events: 'meeting', lists: 'list' };

/** What is done for a goal, and what could be: found by its title, or made of what is typed. */
export function Ties({ goal }: { goal: Goal }) {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const [typed, setTyped] = useState('');
  const found = tieable(workspace, goal, typed, zone, now);
  const title = typed.trim();
  const [first] = found;
  const take = (tied: Tied) => {
    if (tieTo(goal, tied.kind, tied)) setTyped('');
  };
  const make = () => {
    if (makeTaskFor(goal, title)) setTyped('');
  };
  return (
    <View className="gap-2">
      <Subheading>Done for it</Subheading>
      {tiedTo(workspace, goal).map((tied) => (
        <TiedRow key={`${tied.kind} ${tied.id}`} goal={goal} tied={tied} />
      ))}
      <Words size="xs" tone="soft">
        A task, a meeting or a list
      </Words>
      <TextInput
        // submitBehavior is not known to React Native for Web
        blurOnSubmit={false}
        aria-label="A task, a meeting or a list"
        placeholder="Summary for the county"
        placeholderTextColor="var(--ink-soft)"
        maxLength={bounds.title}
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={() => (title === '' ? undefined : first ? take(first) : make())}
        className="min-h-[44px] rounded-lg border border-field bg-surface px-3 font-text text-base text-ink"
      />
      <View aria-live="polite">
        <Words size="xs" tone="soft">
          {title !== ''
            ? first
              ? `Enter ties the ${kinds[first.kind]} ${first.title}.`
              : 'Enter makes a task of it.'
            : found.length > 0
              ? 'Of its category, and not tied yet:'
              : ''}
        </Words>
      </View>
      <View role="group" aria-label="What can be tied" className="items-start gap-1">
        {found.map((tied) => (
          <Button
            key={`${tied.kind} ${tied.id}`}
            label={tied.kind === 'tasks' ? tied.title : `${tied.title} (${kinds[tied.kind]})`}
            says={`Tie ${tied.kind === 'tasks' ? tied.title : `${tied.title} (${kinds[tied.kind]})`}`}
            onPress={() => take(tied)}
          />
        ))}
        {title !== '' && <Button label={`New task: ${title}`} icon="add" kind="quiet" onPress={make} />}
      </View>
    </View>
  );
}

function TiedRow({ goal, tied }: { goal: Goal; tied: Tied }) {
  const workspace = useWorkspace();
  const { kind, id, title } = tied;
  const task = kind === 'tasks' ? taskOf(workspace, id) : undefined;
  return (
    <View className="min-h-[44px] flex-row items-center gap-2 border-b border-line">
      <View className="flex-1">
        <Words>{title}</Words>
        {(kind !== 'tasks' || task?.doneAt) && (
          <Words size="xs" tone="soft">
            {kind === 'tasks'
              ? 'done'
              : kind === 'lists'
                ? 'whatever lies in this list'
                : 'meeting, each time of it'}
          </Words>
        )}
      </View>
      {task && (
        <Button
          label="Open"
          says={`Open ${title}`}
          kind="quiet"
          onPress={() => openPanel({ kind: 'task', id })}
        />
      )}
      <IconButton
        label={`Take ${title} off the goal`}
        icon="close"
        colour="ink-soft"
        onPress={() => takeOff(goal, kind, tied)}
      />
    </View>
  );
}
