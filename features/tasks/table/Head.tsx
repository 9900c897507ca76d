import type { HeaderGroup } from '@tanstack/react-table';
import { Pressable, TextInput, View } from 'react-native';
import type { Id } from '@/core/model/common';
import { columnOf, widthOf, type ColumnId } from '@/core/table/columns';
import { conditionExamples } from '@/core/table/conditions';
import { webProps } from '@/ui/dom';
import { goesBefore, type HeldItem } from '@/ui/useReorder';
import { Icon } from '@/ui/icons';
import { Tick } from '@/ui/Tick';
import { Words } from '@/ui/Words';
import { CHOOSE } from './Row';

type Props = {
  group: HeaderGroup<Id>;
  chosen: 'all' | 'some' | 'none';
  onChooseAll: () => void;
  /** What is typed above columns; null while it is not shown. */
  narrowing: Readonly<Partial<Record<ColumnId, string>>> | null;
  /** The columns whose condition cannot be read. */
  unread: ReadonlySet<ColumnId>;
  onNarrow: (column: ColumnId, typed: string) => void;
  widths: Readonly<Record<string, number>>;
  /** The column that is dragged to another place. */
  held: HeldItem | null;
};

/** The heads of the columns: a press sorts by one, down at a second press, and not at a third; beneath, what narrows them. */
export function Head({ group, chosen, onChooseAll, narrowing, unread, onNarrow, widths, held }: Props) {
  const last = group.headers.length - 1;
  const markedAt = goesBefore(
    group.headers.map(({ column }) => column.id),
    held,
  );
  return (
    <View role="rowgroup" className="sticky top-0 z-30 border-b-2 border-line bg-ground">
      <View role="row" className="flex-row" {...webProps({ 'aria-rowindex': 1 })}>
        <View role="columnheader" className="sticky left-0 z-10 bg-ground" style={{ width: CHOOSE }}>
          <Pressable
            role="checkbox"
            aria-label="Choose all"
            aria-checked={chosen === 'some' ? 'mixed' : chosen === 'all'}
            onPress={onChooseAll}
            className="h-11 items-center justify-center"
          >
            <Tick ticked={chosen === 'all'} look="on" size={18} />
          </Pressable>
        </View>
        {group.headers.map(({ column }, i) => {
          // the columns of the table are made of those of the trade
          const id = column.id as ColumnId;
          const { name, kind } = columnOf(id);
          const moves = held?.id === id;
          const sorted = column.getIsSorted();
          return (
            <View
              key={id}
              role="columnheader"
              {...webProps({
                dataSet: { item: id },
                'aria-colindex': i + 2,
                'aria-sort': sorted === false ? 'none' : sorted === 'asc' ? 'ascending' : 'descending',
              })}
              className={`bg-ground ${i === 0 ? 'sticky z-10' : 'cursor-grab'} ${moves ? 'opacity-50' : ''}`}
              style={{ width: widthOf(id, widths), ...(i === 0 ? { left: CHOOSE } : {}) }}
            >
              {i === markedAt && <View className="absolute -left-px bottom-0 top-0 z-20 w-0.5 bg-pine" />}
              {i === last && markedAt > last && (
                <View className="absolute -right-px bottom-0 top-0 z-20 w-0.5 bg-pine" />
              )}
              <Pressable
                role="button"
                tabIndex={-1}
                aria-label={`${name}: sort`}
                onPress={() => column.toggleSorting()}
                {...webProps({ dataSet: i === 0 ? {} : { grip: id } })}
                className={`h-11 flex-row items-center gap-1 px-2.5 hover:bg-sunken ${kind === 'minutes' ? 'justify-end' : ''}`}
              >
                <Words face="strong" tone={sorted ? 'pine' : 'soft'}>
                  {name}
                </Words>
                {sorted && <Icon name={sorted === 'asc' ? 'up' : 'down'} size={14} colour="pine" />}
              </Pressable>
              <View
                {...webProps({ dataSet: { edge: id } })}
                className="absolute right-0 top-0 z-20 h-11 w-2 cursor-col-resize border-r border-line hover:border-r-2 hover:border-pine"
              />
              {narrowing && (
                <TextInput
                  aria-label={`Only where ${name} is`}
                  aria-invalid={unread.has(id)}
                  value={narrowing[id] ?? ''}
                  onChangeText={(typed) => onNarrow(id, typed)}
                  placeholder={conditionExamples[kind]}
                  placeholderTextColor="var(--ink-soft)"
                  className={`mx-1 mb-1 h-8 rounded border bg-surface px-1.5 font-text text-sm text-ink ${unread.has(id) ? 'border-brick' : 'border-field'}`}
                />
              )}
            </View>
          );
        })}
      </View>
    </View>
  );
}
