import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { chooseTaskFiles } from '@/actions/files/chooseFile';
import { changeSettings } from '@/core/commands/calendar';
import type { Order } from '@/core/tasks/order';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Icon } from '@/ui/icons';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { AddTask } from './AddTask';
import type { Shelf } from './ListFilter';

export const orders: { value: Order; name: string }[] = [
  { value: 'own', name: 'My order' },
  { value: 'due', name: 'Due' },
  { value: 'priority', name: 'Priority' },
  { value: 'estimate', name: 'Estimate' },
];
const looks = [
  { value: 'list', name: 'List' },
  { value: 'table', name: 'Table' },
] as const;

type CaptureProps = { shelf: Shelf; inbox: number; inRow: boolean };

/** The ways in which tasks come in, and the way through those that wait; in one row, where that is asked for. */
export const Capture = ({ shelf, inbox, inRow }: CaptureProps) => (
  <View className={inRow ? 'flex-row items-start gap-2' : 'gap-2'}>
    <View className={inRow ? 'w-[400px]' : ''}>
      <AddTask shelf={shelf} />
    </View>
    <View className="flex-row flex-wrap gap-x-2">
      {inbox > 0 && <ThroughInbox inbox={inbox} />}
      <BringIn />
    </View>
  </View>
);

type ListProps = {
  /** The order they are in; null where it is given. */
  order: Order | null;
  onOrder: (order: Order) => void;
  choosing: boolean;
  /** Missing where there are not several to choose. */
  onChoosing?: () => void;
  showsDone: boolean;
  onDone: () => void;
};

/** What changes how the list of tasks is shown. */
export const ListTools = ({ order, onOrder, choosing, onChoosing, showsDone, onDone }: ListProps) => (
  <Tools left={order && <Choice label="Order" hideLabel value={order} onChoose={onOrder} options={orders} />}>
    {onChoosing && (
      <Button label={choosing ? 'Stop choosing' : 'Choose several'} kind="quiet" onPress={onChoosing} />
    )}
    <Button label={showsDone ? 'Hide done' : 'Show done'} kind="quiet" onPress={onDone} />
    {!useWide() && <BringIn />}
  </Tools>
);

type TableProps = { filters: ReactNode; narrows: boolean; onNarrow: () => void };

/** What changes how the table of tasks is shown. */
export const TableTools = ({ filters, narrows, onNarrow }: TableProps) => (
  <Tools left={filters}>
    <Button label={narrows ? 'Show all rows' : 'Narrow by column'} kind="quiet" onPress={onNarrow} />
    <Button label="Columns…" kind="quiet" onPress={() => openPanel({ kind: 'columns' })} />
  </Tools>
);

type FoldProps = { shown: string; inbox: number; opened: boolean; onOpen: () => void; children: ReactNode };

/** On a phone all of it in one row that opens, beside the way through what waits, so that the tasks begin right below. */
export const Fold = ({ shown, inbox, opened, onOpen, children }: FoldProps) => (
  <View className="gap-2">
    <View className="flex-row flex-wrap items-center gap-2">
      {inbox > 0 && <ThroughInbox inbox={inbox} />}
      <Pressable
        role="button"
        aria-expanded={opened}
        aria-label={`${opened ? 'Fold up' : shown}: order and filter`}
        onPress={onOpen}
        className="ml-auto min-h-[44px] flex-row items-center gap-2 rounded-lg px-2 hover:bg-sunken"
      >
        <Icon name="lens" size={16} colour="pine" />
        <Words face="strong" tone="pine">
          {opened ? 'Fold up' : shown}
        </Words>
      </Pressable>
    </View>
    {opened && children}
  </View>
);

const ThroughInbox = ({ inbox }: { inbox: number }) => (
  <Button label={`Go through the inbox (${inbox})`} onPress={() => openPanel({ kind: 'triage' })} />
);

const BringIn = () => <Button label="Bring tasks in…" kind="quiet" onPress={chooseTaskFiles} />;

/** A row of tools, the choice between list and table at its end. */
const Tools = ({ left, children }: { left: ReactNode; children: ReactNode }) => (
  <View className="flex-row flex-wrap items-center justify-between">
    <View className="shrink">{left}</View>
    <View className="flex-row flex-wrap">
      {children}
      {useWide() && <Look />}
    </View>
  </View>
);

function Look() {
  const { tasks } = useWorkspace().settings;
  return (
    <Choice
      label="Shown as"
      hideLabel
      value={tasks.asTable ? 'table' : 'list'}
      onChoose={(look) => store.run(changeSettings, { tasks: { ...tasks, asTable: look === 'table' } })}
      options={looks}
    />
  );
}
