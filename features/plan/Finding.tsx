import { useDeferredValue, useMemo, useState } from 'react';
import { ScrollView, TextInput, View } from 'react-native';
import { openSwap, swapOf } from '@/actions/bend';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { findTasks } from '@/core/tasks/find';
import { togetherWords } from '@/core/tasks/takes';
import { inRank } from '@/core/tasks/order';
import { taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { startChoosing, stopChoosing, usePicked } from '@/board/picked';
import { useToPlace } from './useToPlace';

const ALL = 'all';

/** Narrows tasks down to a list, and to those whose title or list holds what is typed. */
export function useFinding(tasks: readonly Task[]) {
  const workspace = useWorkspace();
  const [sought, setSought] = useState('');
  const [listId, setList] = useState<Id>(ALL);
  const inUse = useMemo(() => new Set(tasks.map((task) => task.listId)), [tasks]);
  const chosen = inUse.has(listId) ? listId : ALL;
  // the letter stands before what it finds
  const words = useDeferredValue(sought);
  const found = useMemo(
    () => findTasks(tasks, workspace, words, chosen === ALL ? null : chosen),
    [tasks, workspace, words, chosen],
  );
  const options = inRank(workspace.lists)
    .filter(({ id }) => inUse.has(id))
    .map(({ id, name }) => ({ value: id, name }));
  return { found, sought, setSought, chosen, setList, options: [{ value: ALL, name: 'All' }, ...options] };
}

/** The search, the lists, and the way to choose several tasks at once. */
export function Finding({ sought, setSought, chosen, setList, options }: ReturnType<typeof useFinding>) {
  return (
    <View className="gap-1">
      <TextInput
        // submitBehavior is not known to React Native for Web
        blurOnSubmit={false}
        aria-label="Search tasks and lists"
        placeholder="Search tasks and lists"
        placeholderTextColor="var(--ink-soft)"
        value={sought}
        onChangeText={setSought}
        className="min-h-[44px] rounded-lg border border-field bg-surface px-3 font-text text-sm text-ink"
      />
      <ScrollView horizontal showsHorizontalScrollIndicator={false} tabIndex={-1} style={{ flexGrow: 0 }}>
        <Choice label="Tasks of" hideLabel value={chosen} onChoose={setList} options={options} />
      </ScrollView>
      <Several />
    </View>
  );
}

/** How many tasks are chosen, and what can be done with them together. */
export function Several() {
  const { choosing, ids } = usePicked();
  const workspace = useWorkspace();
  const chosen = ids.flatMap((id) => taskOf(workspace, id) ?? []);
  const toPlace = useToPlace();
  const swap = swapOf(ids);
  const waiting = ids.filter((id) => toPlace.some((task) => task.id === id));
  if (!choosing)
    return (
      <View className="flex-row">
        <Button label="Choose several" kind="quiet" onPress={startChoosing} />
      </View>
    );
  return (
    <View className="gap-1 border-y border-line py-2">
      <Words face="strong">
        {chosen.length > 0
          ? `Chosen: ${togetherWords(workspace, chosen)}`
          : 'Choose tasks here or blocks in the plan'}
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Place them…"
          kind="primary"
          disabled={waiting.length === 0}
          onPress={() => openPanel({ kind: 'placeSeveral', taskIds: waiting, then: stopChoosing })}
        />
        <Button
          label="Change…"
          disabled={chosen.length === 0}
          onPress={() => openPanel({ kind: 'several', ids, onChanged: stopChoosing })}
        />
        <Button
          label="Later…"
          disabled={chosen.length === 0}
          onPress={() => openPanel({ kind: 'later', ids })}
        />
        {swap && <Button label="Swap the two…" onPress={() => openSwap(swap)} />}
        <Button label="Stop choosing" kind="quiet" onPress={stopChoosing} />
      </View>
    </View>
  );
}
