import { getCoreRowModel, useReactTable, type SortingState } from '@tanstack/react-table';
import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { cellsAsText, filledDown, filling, textAsCells } from '@/core/table/clipboard';
import { columnIds, columnOf, widthOf, type ColumnId } from '@/core/table/columns';
import { type Cell, keptWithin, markedAt, movedBy, rectangle, type Marked } from '@/core/table/grid';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { elementOf, webProps } from '@/ui/dom';
import { announce } from '@/ui/announce';
import { openPanel } from '@/ui/panels';
import { forText } from '@/ui/textScale';
import { usePrinting } from '@/ui/printing';
import { CellEditor, type Leaving } from './CellEditor';
import { writeCells } from './cells';
import { Head } from './Head';
import { cellId, CHOOSE, Row, ROW } from './Row';
import { useColumns } from './useColumns';
import { useGridKeys } from './useGridKeys';

import { useNarrowing } from './useNarrowing';
import { useSettledOrder } from './useSettledOrder';

type Props = {
  tasks: readonly Task[];
  chosen: ReadonlySet<Id>;
  onChoose: (ids: ReadonlySet<Id>) => void;
  /** Whether conditions can be typed above the columns. */
  narrows: boolean;
};

/** The cell that is edited, and what was typed to open it. */
type Editing = Cell & { readonly typed: string | null };

const HEAD = forText(46);
/** How many rows go on paper. */
const MOST_PRINTED = 2000;
/** What lies beside the table: the rail of the places and the edges. */
const AROUND = 118;
const columnDefinitions = columnIds.map((id) => ({
  id,
  accessorFn: (task: Id) => task,
  sortDescFirst: false,
}));

/**
 * Tasks as a table whose cells are edited like those of a spreadsheet. Only the rows in sight are drawn, so that twenty
 * thousand scroll as ten do.
 */
export function TaskTable({ tasks, chosen, onChoose, narrows }: Props) {
  const { now, zone } = useMoment();
  const workspace = useWorkspace();
  const [sorting, setSorting] = useState<SortingState>([]);
  const [marked, setMarked] = useState<Marked>(markedAt({ row: 0, column: 0 }));
  const [editing, setEditing] = useState<Editing | null>(null);
  const printing = usePrinting();
  const frame = useRef<HTMLElement | null>(null);

  const ground = useMemo(() => ({ workspace, now, zone }), [workspace, now, zone]);
  const { columns, widths, held: heldColumn, shift: shiftColumn, widenBy } = useColumns(frame);
  const { typed, narrow, conditions, unread } = useNarrowing(narrows);
  const by = useMemo(() => {
    const [first] = sorting;
    // the columns of the table are those of the trade
    const sort = first ? { column: first.id as ColumnId, down: first.desc } : null;
    return { sort, conditions };
  }, [sorting, conditions]);
  const ids = useSettledOrder(tasks, by, ground);

  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are asked anew in each drawing
  const table = useReactTable<Id>({
    data: ids as Id[], // it changes nothing in it
    columns: columnDefinitions,
    getCoreRowModel: getCoreRowModel(),
    getRowId: (id) => id,
    manualSorting: true,
    onSortingChange: setSorting,
    state: {
      sorting,
      columnOrder: columns,
      columnVisibility: Object.fromEntries(columnIds.map((id) => [id, columns.includes(id)])),
    },
  });
  const extent = { rows: ids.length, columns: columns.length, page: 15 };
  const held = keptWithin(marked, extent);
  const { top, bottom, left, right } = rectangle(held);

  const rows = useVirtualizer({
    count: ids.length,
    getScrollElement: () => frame.current,
    estimateSize: () => ROW,
    overscan: 8,
    scrollPaddingStart: HEAD,
    // what is being edited stays there, wherever one scrolls meanwhile
    rangeExtractor: (range) =>
      editing
        ? [...new Set([...defaultRangeExtractor(range), editing.row])].sort((a, b) => a - b)
        : defaultRangeExtractor(range),
  });

  const move = (to: Marked) => {
    setMarked(to);
    const marks = rectangle(to);
    const [high, wide] = [marks.bottom - marks.top + 1, marks.right - marks.left + 1];
    if (high * wide > 1) announce(`${high * wide} cells marked, ${high} down and ${wide} across`);
    rows.scrollToIndex(to.at.row);
    document
      .getElementById(cellId(to.at.row, to.at.column))
      ?.scrollIntoView({ inline: 'nearest', block: 'nearest' });
  };
  const textOf = (row: number, column: number) => {
    // as it is stored, as what is typed fast is not drawn yet
    const stored = currentWorkspace();
    const [task, id] = [stored.tasks.get(ids[row] ?? ''), columns[column]];
    return task && id ? columnOf(id).text(task, { workspace: stored, now, zone }) : '';
  };
  const texts = () =>
    ids
      .slice(top, bottom + 1)
      .map((_, i) => columns.slice(left, right + 1).map((__, j) => textOf(top + i, left + j)));
  const write = (cells: readonly (readonly string[])[], from = top) =>
    writeCells(ids.slice(from), columns.slice(left), cells);
  const choose = (toggled: readonly Id[]) => {
    const all = toggled.every((id) => chosen.has(id));
    const rest = [...chosen].filter((id) => !toggled.includes(id));
    onChoose(new Set(all ? rest : [...rest, ...toggled]));
  };
  const sortBy = (down: boolean) => setSorting([{ id: columns[held.at.column] ?? 'title', desc: down }]);

  const onKey = (event: KeyboardEvent): boolean => {
    const { key, shiftKey: shift, altKey: alt } = event;
    const ctrl = event.ctrlKey || event.metaKey;
    const moved = alt ? undefined : movedBy(held, { key, shift, ctrl }, extent);
    if (moved) move(moved);
    else if (alt && shift && (key === 'ArrowLeft' || key === 'ArrowRight'))
      move(markedAt({ ...held.at, column: shiftColumn(held.at.column, key === 'ArrowLeft' ? -1 : 1) }));
    else if (alt && (key === '+' || key === '=')) widenBy(held.at.column, 1);
    else if (alt && key === '-') widenBy(held.at.column, -1);
    else if (alt && key === 'ArrowUp') sortBy(false);
    else if (alt && key === 'ArrowDown') sortBy(true);
    else if (ctrl && key === 'Enter') openPanel({ kind: 'task', id: ids[held.at.row] ?? '' });
    else if (key === 'Enter' || key === 'F2') setEditing({ ...held.at, typed: null });
    else if (key === ' ') choose(ids.slice(top, bottom + 1));
    else if (key === 'Delete' || key === 'Backspace') write(texts().map((row) => row.map(() => '')));
    else if (ctrl && key === 'd') write(filledDown(texts()), top + 1);
    else if (ctrl && key === 'a')
      setMarked({ from: { row: 0, column: 0 }, at: { row: ids.length - 1, column: columns.length - 1 } });
    else if (key === 'Escape' && (top !== bottom || left !== right)) setMarked(markedAt(held.at));
    else if (key.length === 1 && !ctrl && !alt) setEditing({ ...held.at, typed: key });
    else return false;
    return true;
  };
  useGridKeys(frame, {
    key: onKey,
    point: (cell, grows) => setMarked(grows ? { from: held.from, at: cell } : markedAt(cell)),
    open: (cell) => {
      setMarked(markedAt(cell));
      setEditing({ ...cell, typed: null });
    },
    choose: (row) => choose(ids.slice(row, row + 1)),
    copy: () => cellsAsText(texts()),
    paste: (text) => write(filling(textAsCells(text), { rows: bottom - top + 1, columns: right - left + 1 })),
  });

  const leave = (leaving: Leaving) => {
    setEditing(null);
    if (leaving === null) return;
    frame.current?.focus({ preventScroll: true });
    const next = movedBy(held, { key: leaving, shift: false, ctrl: false }, extent);
    if (next) move(next);
  };
  const keep = ({ row, column }: Cell, text: string, leaving: Leaving) => {
    if (text !== textOf(row, column)) writeCells(ids.slice(row, row + 1), columns.slice(column), [[text]]);
    leave(leaving);
  };

  const window = useWindowDimensions();
  const width = CHOOSE + columns.reduce((sum, id) => sum + widthOf(id, widths), 0);
  // what need not stay in sight sideways costs less to scroll
  const sticky = width > window.width - AROUND;
  const [group] = table.getHeaderGroups();
  return (
    <View
      ref={(view) => void (frame.current = elementOf(view))}
      role="grid"
      aria-label="Tasks"
      tabIndex={0}
      {...webProps({
        'aria-rowcount': ids.length + 1,
        'aria-colcount': columns.length + 1,
        'aria-activedescendant': ids.length > 0 ? cellId(held.at.row, held.at.column) : undefined,
        'aria-multiselectable': true,
      })}
      className="min-h-0 flex-1 overflow-auto border border-line bg-surface"
      // CSS that only the web has: a cell that is moved to comes out from under the title
      style={{ scrollPaddingLeft: sticky ? CHOOSE + widthOf('title', widths) : 0 } as object}
    >
      {group && (
        <View style={{ width }}>
          <Head
            group={group}
            chosen={
              ids.length > 0 && ids.every((id) => chosen.has(id)) ? 'all' : chosen.size > 0 ? 'some' : 'none'
            }
            onChooseAll={() => choose(ids)}
            narrowing={narrows ? typed : null}
            unread={unread}
            onNarrow={narrow}
            widths={widths}
            held={heldColumn}
          />
        </View>
      )}
      <View role="rowgroup" style={{ height: rows.getTotalSize(), width }}>
        {(printing ? [...ids.keys()].slice(0, MOST_PRINTED) : rows.getVirtualIndexes()).map((index) => {
          const id = ids[index] ?? '';
          const isHere = index === held.at.row;
          const edited = editing?.row === index ? editing : null;
          return (
            <Row
              key={id}
              id={id}
              ground={ground}
              row={index}
              columns={columns}
              widths={widths}
              chosen={chosen.has(id)}
              left={index >= top && index <= bottom ? left : -1}
              right={index >= top && index <= bottom ? right : -1}
              active={isHere ? held.at.column : -1}
              width={width}
              sticky={sticky}
              editing={edited ? edited.column : -1}
              editor={
                edited ? (
                  <CellEditor
                    key={edited.column}
                    column={columns[edited.column] ?? 'title'}
                    title={textOf(index, 0)}
                    text={textOf(index, edited.column)}
                    typed={edited.typed}
                    of={currentWorkspace().tasks.get(ids[index] ?? '')}
                    above={index > ids.length - 6 && index > 5}
                    onKeep={(text, leaving) => keep(edited, text, leaving)}
                    onLeave={() => leave('here')}
                  />
                ) : null
              }
            />
          );
        })}
      </View>
    </View>
  );
}
