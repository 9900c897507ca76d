import { useCallback, useMemo, useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { openOnes } from '@/core/tasks/repeating';
import { inOrder, type Order } from '@/core/tasks/order';
import { isOverdue } from '@/core/tasks/deadline';
import { durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Icon } from '@/ui/icons';
import { readTitle } from '@/ui/readings';
import { Empty, ScreenHead, ScrollScreen } from '@/ui/Screen';
import { openSheet } from '@/ui/sheets';
import { add } from '@/ui/tasks/actions';
import { useMinute, useToday } from '@/ui/useNow';
import { Words } from '@/ui/Words';
import { SortableTasks } from './SortableTasks';
import { TaskLine } from './TaskLine';

const orderNames: { value: Order; name: string }[] = [
  { value: 'own', name: 'My order' },
  { value: 'due', name: 'Due' },
  { value: 'priority', name: 'Priority' },
  { value: 'estimate', name: 'Estimate' },
];
const PAGE = 200;

/** All tasks: by list, in the person's own order or by due date, priority or estimate. */
export function TasksScreen() {
  const workspace = useWorkspace();
  const { tasks, lists, events } = workspace;
  const now = useMinute();
  const today = useToday();
  const [listId, setListId] = useState<Id | null>(null);
  const [order, setOrder] = useState<Order>('own');
  const [showDone, setShowDone] = useState(false);
  const [shown, setShown] = useState(PAGE);

  const inList = useCallback((task: Task) => listId === null || task.listId === listId, [listId]);
  const open = useMemo(
    () => inOrder(openOnes(workspace, today, session.zone).filter(inList), order, events, session.zone),
    [workspace, today, inList, order, events],
  );
  const done = useMemo(
    () =>
      showDone
        ? tasks
            .values()
            .filter((task) => task.doneAt !== null && inList(task))
            .sort((a, b) => (b.doneAt ?? 0) - (a.doneAt ?? 0))
        : [],
    [tasks, inList, showDone],
  );
  const overdue = open.filter((task) => isOverdue(task, events, session.zone, now)).length;
  const minutes = open.reduce((sum, { estimate }) => sum + (estimate ?? 0), 0);
  const target = listId ?? lists.values().sort((a, b) => a.rank - b.rank)[0]?.id ?? '';

  return (
    <ScrollScreen>
      <ScreenHead title="Tasks" about={`${open.length} open · ${durationWords(minutes)}`}>
        <Button label="New task" icon="add" kind="primary" onPress={() => openSheet({ kind: 'newTask' })} />
      </ScreenHead>
      <View className="gap-2">
        <ListFilter value={listId} onChoose={setListId} />
        <Field
          label={`Add to ${lists.get(target)?.name ?? 'the list'}`}
          hideLabel
          text=""
          read={readTitle}
          adding
          placeholder={`Add to ${lists.get(target)?.name ?? 'the list'} and press Enter`}
          onSave={(title) => add({ title, listId: target })}
        />
        <View className="flex-row flex-wrap items-center justify-between">
          <Choice label="Order" hideLabel value={order} onChoose={setOrder} options={orderNames} />
          <Button
            label={showDone ? 'Hide done' : 'Show done'}
            kind="quiet"
            onPress={() => setShowDone(!showDone)}
          />
        </View>
        {overdue > 0 && (
          <Words tone="brick" face="strong">
            {overdue === 1 ? '1 task is overdue' : `${overdue} tasks are overdue`}
          </Words>
        )}
      </View>
      {open.length === 0 ? (
        <Empty title="No open task here">
          <Words tone="soft">
            Type a title above and press Enter. An estimate makes it easy to find a pocket for it.
          </Words>
        </Empty>
      ) : (
        <View>
          {order === 'own' ? (
            <SortableTasks tasks={open.slice(0, shown)} />
          ) : (
            open.slice(0, shown).map((task) => <TaskLine key={task.id} task={task} />)
          )}
          {open.length > shown && (
            <Button
              label={`Show ${Math.min(PAGE, open.length - shown)} more`}
              onPress={() => setShown(shown + PAGE)}
            />
          )}
        </View>
      )}
      {showDone && (
        <View>
          <Words role="heading" face="strong" tone="soft">
            Done, latest first
          </Words>
          {done.slice(0, shown).map((task) => (
            <TaskLine key={task.id} task={task} />
          ))}
        </View>
      )}
    </ScrollScreen>
  );
}

/** One list or all together. */
function ListFilter({ value, onChoose }: { value: Id | null; onChoose: (listId: Id | null) => void }) {
  const lists = useWorkspace()
    .lists.values()
    .sort((a, b) => a.rank - b.rank);
  const tab = (chosen: boolean) =>
    `min-h-[44px] flex-row items-center gap-1.5 border-b-2 px-2.5 ${chosen ? 'border-edge bg-surface' : 'border-transparent hover:border-line'}`;
  return (
    <ScrollView
      horizontal
      tabIndex={-1}
      showsHorizontalScrollIndicator={false}
      contentContainerClassName="items-center"
    >
      <View role="radiogroup" aria-label="Lists" className="flex-row gap-x-1">
        <Pressable
          role="radio"
          aria-checked={value === null}
          onPress={() => onChoose(null)}
          className={`hue-slate ${tab(value === null)}`}
        >
          <Words face={value === null ? 'strong' : 'text'}>All</Words>
        </Pressable>
        {lists.map(({ id, name, hue, icon }) => (
          <Pressable
            key={id}
            role="radio"
            aria-checked={value === id}
            onPress={() => onChoose(id)}
            className={`hue-${hue} ${tab(value === id)}`}
          >
            <Icon name={icon} size={16} colour="edge" />
            <Words face={value === id ? 'strong' : 'text'}>{name}</Words>
          </Pressable>
        ))}
      </View>
      <Button label="Edit lists…" kind="quiet" onPress={() => openSheet({ kind: 'lists' })} />
    </ScrollView>
  );
}
