import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import type { Conditions } from '@/core/tasks/filter';
import { estimated } from '@/core/tasks/find';
import { inRank, type Order } from '@/core/tasks/order';
import { overdueCount } from '@/core/tasks/deadline';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Empty, ScreenHead, ScrollScreen } from '@/ui/Screen';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { chooseTaskFiles } from '@/actions/files/chooseFile';
import { add } from '@/actions/tasks';
import { FindButton } from '@/board/FindButton';
import { Words } from '@/ui/Words';
import { ChosenBar } from './ChosenBar';
import { FilterRow } from './FilterRow';
import { ListFilter, type Shelf } from './ListFilter';
import { SortableTasks } from './SortableTasks';
import { TaskLine } from './TaskLine';
import { isOnShelf, useShelf } from './useShelf';

const orderNames: { value: Order; name: string }[] = [
  { value: 'own', name: 'My order' },
  { value: 'due', name: 'Due' },
  { value: 'priority', name: 'Priority' },
  { value: 'estimate', name: 'Estimate' },
];
const PAGE = 200;

/** What teaches the next step where a shelf is empty. */
const emptyWords = {
  inbox: ['The inbox is empty', 'What is captured without a list or a date waits here.'],
  parked: ['Nothing is parked', '“Later…” of a task parks it: it is kept, but stays out of every plan.'],
  hidden: ['Nothing is hidden', '“Later…” of a task hides it until a day or an hour.'],
  narrowed: ['No task meets the filter', 'Press it again, or “Show all”, to see the others.'],
  open: [
    'No open task here',
    'Type a title above and press Enter. An estimate makes it easy to find a pocket for it.',
  ],
} as const;

const asideWords = { inbox: 'in the inbox', parked: 'parked', hidden: 'hidden' } as const;

/** All tasks: by list, in the person's own order or by due date, priority or estimate; what waits in the inbox, and what is aside. */
export function TasksScreen() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const wide = useWide();
  const [shelf, setShelf] = useState<Shelf>('all');
  const [order, setOrder] = useState<Order>('own');
  const [showDone, setShowDone] = useState(false);
  const [shown, setShown] = useState(PAGE);
  const [chosen, setChosen] = useState<ReadonlySet<Id> | null>(null);
  const [conditions, setConditions] = useState<Conditions | null>(null);
  const { tasks, counts } = useShelf(shelf, order, conditions);
  const done = useDone(showDone, shelf);
  const isAside = typeof shelf !== 'object' && shelf !== 'all';
  const overdue = isAside ? 0 : overdueCount(tasks, workspace.events, zone, now);
  const [title, about] = emptyWords[isAside ? shelf : conditions ? 'narrowed' : 'open'];
  const choiceOf = ({ id }: Task) =>
    chosen
      ? {
          chosen: chosen.has(id),
          onChoose: () =>
            setChosen(new Set(chosen.has(id) ? [...chosen].filter((one) => one !== id) : [...chosen, id])),
        }
      : undefined;
  const there = tasks.filter(({ id }) => chosen?.has(id)).map(({ id }) => id);

  return (
    <View className="flex-1">
      <ScrollScreen>
        <ScreenHead
          title="Tasks"
          about={`${tasks.length} ${isAside ? asideWords[shelf] : 'open'} · ${durationWords(estimated(tasks))}`}
        >
          <Button label="New task" icon="add" kind="primary" onPress={() => openPanel({ kind: 'newTask' })} />
          {wide && <FindButton />}
        </ScreenHead>
        <View className="gap-2">
          <ListFilter value={shelf} onChoose={setShelf} counts={counts} />
          <AddTask shelf={shelf} />
          <View className="flex-row flex-wrap gap-x-2">
            {counts.inbox > 0 && (
              <Button
                label={`Go through the inbox (${counts.inbox})`}
                onPress={() => openPanel({ kind: 'triage' })}
              />
            )}
            {wide && <Button label="Quick line…" kind="quiet" onPress={() => openPanel({ kind: 'quick' })} />}
            <Button label="Bring tasks in…" kind="quiet" onPress={chooseTaskFiles} />
          </View>
          <View className="flex-row flex-wrap items-center justify-between">
            {isAside ? (
              <View />
            ) : (
              <Choice label="Order" hideLabel value={order} onChoose={setOrder} options={orderNames} />
            )}
            <View className="flex-row flex-wrap">
              {tasks.length > 1 && (
                <Button
                  label={chosen ? 'Stop choosing' : 'Choose several'}
                  kind="quiet"
                  onPress={() => setChosen(chosen ? null : new Set())}
                />
              )}
              <Button
                label={showDone ? 'Hide done' : 'Show done'}
                kind="quiet"
                onPress={() => setShowDone(!showDone)}
              />
            </View>
          </View>
          {!isAside && <FilterRow value={conditions} onChange={setConditions} />}
          {overdue > 0 && (
            <Words tone="brick" face="strong">
              {overdue === 1 ? '1 task is overdue' : `${overdue} tasks are overdue`}
            </Words>
          )}
        </View>
        {tasks.length === 0 ? (
          <Empty title={title}>
            <Words tone="soft">{about}</Words>
          </Empty>
        ) : (
          <View>
            {order === 'own' && !isAside && !chosen ? (
              <SortableTasks tasks={tasks.slice(0, shown)} />
            ) : (
              tasks
                .slice(0, shown)
                .map((task) => <TaskLine key={task.id} task={task} choice={choiceOf(task)} />)
            )}
            {tasks.length > shown && (
              <Button
                label={`Show ${Math.min(PAGE, tasks.length - shown)} more`}
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
      {chosen && (
        <ChosenBar
          ids={there}
          onAll={() => setChosen(new Set(tasks.map(({ id }) => id)))}
          onEnd={() => setChosen(null)}
        />
      )}
    </View>
  );
}

/** The tasks of a shelf that are ticked off, latest first; none while they are not shown. */
function useDone(shows: boolean, shelf: Shelf): readonly Task[] {
  const { tasks } = useWorkspace();
  return useMemo(
    () =>
      shows
        ? tasks
            .values()
            .filter((task) => task.doneAt !== null && isOnShelf(task, shelf))
            .sort((a, b) => (b.doneAt ?? 0) - (a.doneAt ?? 0))
        : [],
    [tasks, shows, shelf],
  );
}

/** Adds a task by its title: to the list that is shown, else to the inbox. */
function AddTask({ shelf }: { shelf: Shelf }) {
  const { lists } = useWorkspace();
  const listId = typeof shelf === 'object' ? shelf.listId : null;
  const where = listId === null ? 'the inbox' : (lists.get(listId)?.name ?? 'the list');
  const first = inRank(lists)[0]?.id ?? '';
  return (
    <Field
      label={`Add to ${where}`}
      hideLabel
      text=""
      read={readTitle}
      adding
      placeholder={`Add to ${where} and press Enter`}
      onSave={(title) => add(listId === null ? { title, listId: first, inbox: true } : { title, listId })}
    />
  );
}
