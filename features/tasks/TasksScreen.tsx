import { useState, type ComponentProps, type ReactNode } from 'react';
import { View } from 'react-native';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import type { Conditions } from '@/core/tasks/filter';
import { estimated } from '@/core/tasks/find';
import type { Order } from '@/core/tasks/order';
import { overdueCount } from '@/core/tasks/deadline';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { later, useLater } from '@/ui/later';
import { Empty, ScreenHead, ScrollScreen } from '@/ui/Screen';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { FindButton } from '@/board/FindButton';
import { NextStep } from '@/board/FirstSteps';
import { Words } from '@/ui/Words';
import { AddTask } from './AddTask';
import { ChosenBar } from './ChosenBar';
import { FilterRow } from './FilterRow';
import { ListFilter, type Shelf } from './ListFilter';
import { MailWaits } from './MailWaits';
import { ShelfList } from './ShelfList';
import { Capture, Fold, ListTools, orders, TableTools } from './Tools';
import { useShelf } from './useShelf';
import { UntilLoaded } from '@/ui/UntilLoaded';

const table = later(() => import('./table/TaskTable'));

/** What teaches the next step where a shelf is empty. */
const emptyWords = {
  inbox: ['The inbox is empty', 'What is captured without a list or a date waits here.'],
  parked: ['Nothing is parked', '“Later…” of a task parks it: it is kept, but stays out of every plan.'],
  hidden: ['Nothing is hidden', '“Later…” of a task hides it until a day or an hour.'],
  narrowed: ['No task meets the filter', 'Press it again, or “Show all”, to see the others.'],
  open: [
    'No open task here',
    'Type a title above and press Enter. With an estimate it is easy to find time for it.',
  ],
} as const;

const none: ReadonlySet<Id> = new Set();

const asideWords = { inbox: 'in the inbox', parked: 'parked', hidden: 'hidden' } as const;

/**
 * All tasks: by list, in the person's own order or by due date, priority or estimate, or as a table; what waits in the
 * inbox, and what is aside.
 */
export function TasksScreen() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const wide = useWide();
  const [shelf, setShelf] = useState<Shelf>('all');
  const [order, setOrder] = useState<Order>('own');
  const [showDone, setShowDone] = useState(false);
  const [narrows, setNarrows] = useState(false);
  const [chosen, setChosen] = useState<ReadonlySet<Id> | null>(null);
  const [conditions, setConditions] = useState<Conditions | null>(null);
  const { settings } = workspace;
  const asTable = wide && settings.tasks.asTable;
  const { tasks, counts } = useShelf(shelf, asTable ? 'own' : order, conditions);
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
  const [unfolded, setUnfolded] = useState(false);
  const [unfold] = useState(() => () => setUnfolded(true));
  const filters = !isAside && (
    <FilterRow value={conditions} onChange={setConditions} hidden={!wide && !unfolded} onAsked={unfold} />
  );
  const listTools = (
    <ListTools
      order={isAside ? null : order}
      onOrder={setOrder}
      choosing={chosen !== null}
      onChoosing={tasks.length > 1 ? () => setChosen(chosen ? null : new Set()) : undefined}
      showsDone={showDone}
      onDone={() => setShowDone(!showDone)}
    />
  );
  const shownAs = [
    isAside ? '' : (orders.find(({ value }) => value === order)?.name ?? ''),
    conditions && !isAside ? 'filtered' : '',
  ]
    .filter(Boolean)
    .join(', ');
  const overdueWords = overdue === 1 ? '1 task is overdue' : `${overdue} tasks are overdue`;
  const Around = asTable ? Fixed : ScrollScreen;

  return (
    <View className="flex-1 low:flex-none">
      <Around>
        <ScreenHead
          title="Tasks"
          about={[
            `${tasks.length} ${isAside ? asideWords[shelf] : 'open'}`,
            durationWords(estimated(tasks)),
            asTable && overdue > 0 ? overdueWords : '',
            !wide && overdue > 0 ? `${overdue} overdue` : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        >
          <Button label="New task" icon="add" kind="primary" onPress={() => openPanel({ kind: 'newTask' })} />
          {wide && <FindButton />}
        </ScreenHead>
        <View className="gap-2">
          <ListFilter value={shelf} onChoose={setShelf} counts={counts} />
          {wide ? (
            <Capture shelf={shelf} inbox={counts.inbox} inRow={asTable} />
          ) : (
            <Fold
              shown={shownAs || 'Tools'}
              inbox={counts.inbox}
              opened={unfolded}
              onOpen={() => setUnfolded(!unfolded)}
            >
              {listTools}
            </Fold>
          )}
          {asTable && (
            <TableTools filters={filters} narrows={narrows} onNarrow={() => setNarrows(!narrows)} />
          )}
          {wide && !asTable && listTools}
          {!asTable && filters}
          {wide && overdue > 0 && !asTable && (
            <Words tone="brick" face="strong">
              {overdueWords}
            </Words>
          )}
        </View>
        {(shelf === 'all' || shelf === 'inbox') && <MailWaits />}
        <NextStep />
        {tasks.length === 0 && (
          <Empty title={title}>
            <Words tone="soft">{about}</Words>
          </Empty>
        )}
        {asTable ? (
          <UntilLoaded>
            <Table tasks={tasks} chosen={chosen ?? none} onChoose={setChosen} narrows={narrows} />
          </UntilLoaded>
        ) : (
          <ShelfList
            tasks={tasks}
            shelf={shelf}
            sortable={order === 'own' && !isAside && !chosen}
            showDone={showDone}
            choiceOf={choiceOf}
          />
        )}
      </Around>
      <Words className="sr-only" aria-live="polite">
        {`${tasks.length === 1 ? '1 task' : `${tasks.length} tasks`}, ${asTable ? 'in a table' : (orders.find(({ value }) => value === order)?.name ?? '')}`}
      </Words>
      {!wide && !chosen && (
        <View
          role="region"
          aria-label="Add tasks"
          className="not-printed border-t border-line bg-surface py-1.5 pl-3 pr-1"
        >
          <AddTask shelf={shelf} above>
            <FindButton />
          </AddTask>
        </View>
      )}
      {(asTable ? there.length > 0 : chosen) && (
        <ChosenBar
          ids={there}
          onAll={() => setChosen(new Set(tasks.map(({ id }) => id)))}
          onEnd={() => setChosen(null)}
        />
      )}
    </View>
  );
}

/** A screen that stands still around a table, which scrolls by itself. */
const Fixed = ({ children }: { children: ReactNode }) => (
  <View role="main" className="min-h-0 w-full max-w-[1600px] flex-1 gap-3 self-center px-4 pb-4 pt-4">
    {children}
  </View>
);

function Table(props: ComponentProps<Awaited<ReturnType<typeof table.load>>['TaskTable']>) {
  const { TaskTable } = useLater(table);
  return <TaskTable {...props} />;
}
