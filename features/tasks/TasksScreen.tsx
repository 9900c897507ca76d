import { useCallback, useMemo, useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { inRank } from '@/core/tasks/order';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { estimated } from '@/core/tasks/find';
import { openOnes } from '@/core/tasks/openTasks';
import { inOrder, type Order } from '@/core/tasks/order';
import { overdueCount } from '@/core/tasks/deadline';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { tabStop } from '@/ui/choiceKeys';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Icon } from '@/ui/icons';
import { readTitle } from '@/ui/readings';
import { Empty, ScreenHead, ScrollScreen } from '@/ui/Screen';
import { openPanel } from '@/ui/panels';
import { add } from '@/actions/tasks';
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
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const { tasks, lists, events } = workspace;
  const [listId, setListId] = useState<Id | null>(null);
  const [order, setOrder] = useState<Order>('own');
  const [showDone, setShowDone] = useState(false);
  const [shown, setShown] = useState(PAGE);

  const inList = useCallback((task: Task) => listId === null || task.listId === listId, [listId]);
  const open = useMemo(
    () => inOrder(openOnes(workspace, today, zone).filter(inList), order, events, zone),
    [workspace, today, zone, inList, order, events],
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
  const overdue = overdueCount(open, events, zone, now);
  const minutes = estimated(open);
  const target = listId ?? inRank(lists)[0]?.id ?? '';

  return (
    <ScrollScreen>
      <ScreenHead title="Tasks" about={`${open.length} open · ${durationWords(minutes)}`}>
        <Button label="New task" icon="add" kind="primary" onPress={() => openPanel({ kind: 'newTask' })} />
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
        <View className="flex-row">
          <Button label="Quick line…" kind="quiet" onPress={() => openPanel({ kind: 'quick' })} />
        </View>
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
  const lists = inRank(useWorkspace().lists);
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
          tabIndex={tabStop(value === null)}
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
            tabIndex={tabStop(value === id)}
            onPress={() => onChoose(id)}
            className={`hue-${hue} ${tab(value === id)}`}
          >
            <Icon name={icon} size={16} colour="edge" />
            <Words face={value === id ? 'strong' : 'text'}>{name}</Words>
          </Pressable>
        ))}
      </View>
      <Button label="Edit lists…" kind="quiet" onPress={() => openPanel({ kind: 'lists' })} />
    </ScrollView>
  );
}
