import { memo, useCallback, type ReactNode } from 'react';
import { EdgeMark } from '@/board/marks';
import type { Id } from '@/core/model/common';
import { hueOfTask } from '@/core/plan/lens';
import { isOverdue } from '@/core/tasks/deadline';
import { columnOf, widthOf, type ColumnId, type Ground } from '@/core/table/columns';
import { useStore } from '@/state/workspaceStore';
import { Icon } from '@/ui/icons';
import { openPanel } from '@/ui/panels';
import { Tick } from '@/ui/Tick';
import { forText } from '@/ui/textScale';
import { plainly } from '@/ui/Words';

export const ROW = forText(40);
/** The width of the column in which tasks are chosen. */
export const CHOOSE = 44;

/** How a cell is called by the DOM, by which a click finds it; the cell in which a row is chosen is column -1. */
export const cellId = (row: number, column: number) => `cell-${row}-${column}`;
export const CHOICE = -1;

type Place = {
  /** Its place in the table, from 0 on. */
  readonly row: number;
  readonly columns: readonly ColumnId[];
  readonly widths: Readonly<Record<string, number>>;
  readonly chosen: boolean;
  /** The first and the last column that is marked, and the one that has the keyboard; -1 for none. */
  readonly left: number;
  readonly right: number;
  readonly active: number;
  readonly width: number;
  /** Whether the title stays in sight while the rest is scrolled sideways. */
  readonly sticky: boolean;
  /** The column of the cell that is being edited, -1 for none, and what edits it. */
  readonly editing: number;
  readonly editor: ReactNode;
};

type Props = Place & { readonly id: Id; readonly ground: Ground };

/** A row of the table, drawn anew only when something of it is another: what was typed into it at once. */
export const Row = memo(function Row({ id, ground, ...place }: Props) {
  // at once, whatever else is still being drawn
  const task = useStore(({ workspace }) => workspace.tasks.get(id)) ?? ground.workspace.tasks.get(id);
  const open = useCallback(() => openPanel({ kind: 'task', id }), [id]);
  if (!task) return null;
  const { workspace, now, zone } = ground;
  return (
    <Cells
      {...place}
      onOpen={open}
      hue={`hue-${hueOfTask(task, workspace, zone, now)}`}
      overdue={isOverdue(task, workspace.events, zone, now)}
      texts={place.columns.map((column) => columnOf(column).text(task, ground))}
    />
  );
});

type CellsProps = Place & {
  /** Opens the task; offered in the row that has the keyboard. */
  readonly onOpen: () => void;
  readonly hue: string;
  readonly overdue: boolean;
  readonly texts: readonly string[];
};

const isSame = (a: readonly unknown[], b: readonly unknown[]) =>
  a.length === b.length && a.every((one, i) => one === b[i]);

const Cells = memo(DrawnCells, ({ texts: before, ...a }, { texts: after, ...b }) =>
  isSame([...before, ...Object.values(a)], [...after, ...Object.values(b)]),
);

/** Plain elements of the web, as those of React Native take too long to make for a table that scrolls. */
function DrawnCells({
  row,
  hue,
  columns,
  widths,
  texts,
  chosen,
  left,
  right,
  active,
  overdue,
  width,
  ...rest
}: CellsProps) {
  const { editing, editor, sticky, onOpen } = rest;
  const tone = (column: ColumnId, text: string) =>
    column === 'due' && overdue ? 'text-brick' : text === 'normal' ? 'text-ink-soft' : 'text-ink';
  return (
    <div
      role="row"
      aria-rowindex={row + 2}
      aria-selected={chosen}
      className={`${hue} absolute left-0 box-border flex border-0 border-b border-solid border-line ${editing >= 0 ? 'z-20' : ''}`}
      style={{ height: ROW, width, top: row * ROW }}
    >
      <div
        role="gridcell"
        id={cellId(row, CHOICE)}
        aria-colindex={1}
        aria-label={`${chosen ? 'Chosen' : 'Not chosen'}: ${texts[0]}`}
        className={`flex items-center justify-center bg-surface ${sticky ? 'sticky left-0 z-10' : 'relative'}`}
        style={{ width: CHOOSE }}
      >
        <EdgeMark />
        <Tick ticked={chosen} look="on" size={18} />
      </div>
      {columns.map((column, i) => {
        const { kind } = columnOf(column);
        const text = texts[i] ?? '';
        const marked = i >= left && i <= right;
        const isTitle = i === 0;
        return (
          <div
            key={column}
            role="gridcell"
            id={cellId(row, i)}
            aria-colindex={i + 2}
            aria-selected={marked}
            className={`tabular box-border px-2.5 text-sm ${isTitle ? 'font-strong' : 'font-text'} ${isTitle && sticky ? 'sticky z-10' : 'relative'} ${marked ? 'bg-sunken' : 'bg-surface'} ${i === active ? 'outline outline-2 -outline-offset-2 outline-pine' : ''} ${i === editing ? 'z-20' : `truncate ${tone(column, text)}`} ${kind === 'minutes' ? 'text-right' : ''}`}
            style={{
              width: widthOf(column, widths),
              lineHeight: `${ROW - 1}px`,
              ...(isTitle && sticky ? { left: CHOOSE } : {}),
            }}
          >
            {i === editing ? editor : plainly(text)}
            {isTitle && i !== editing && active >= 0 && (
              <button
                type="button"
                tabIndex={-1}
                aria-label={`Open ${text}`}
                onClick={onOpen}
                className="absolute bottom-1 right-1 top-1 flex w-8 cursor-pointer items-center justify-center rounded border-0 bg-surface"
              >
                <Icon name="forward" size={16} colour="pine" />
              </button>
            )}
          </div>
        );
      })}
    </div>
  );
}
