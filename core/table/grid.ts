/* The cell of a table that has the keyboard, and the rectangle of cells that is marked (WAI-ARIA practices, grid). */

export type Cell = { readonly row: number; readonly column: number };

/** What is marked: from the cell where it began to the one that has the keyboard. */
export type Marked = { readonly from: Cell; readonly at: Cell };

export type Extent = { readonly rows: number; readonly columns: number; readonly page: number };

export const markedAt = (at: Cell): Marked => ({ from: at, at });

/** The rectangle of what is marked, both ends inclusive. */
export const rectangle = ({ from, at }: Marked) => ({
  top: Math.min(from.row, at.row),
  bottom: Math.max(from.row, at.row),
  left: Math.min(from.column, at.column),
  right: Math.max(from.column, at.column),
});

export function isMarked(marked: Marked, { row, column }: Cell): boolean {
  const { top, bottom, left, right } = rectangle(marked);
  return row >= top && row <= bottom && column >= left && column <= right;
}

const within = (value: number, count: number) => Math.max(0, Math.min(count - 1, value));

/** What is marked, kept within a table that has become smaller. */
export const keptWithin = ({ from, at }: Marked, { rows, columns }: Extent): Marked => ({
  from: { row: within(from.row, rows), column: within(from.column, columns) },
  at: { row: within(at.row, rows), column: within(at.column, columns) },
});

type Key = { readonly key: string; readonly shift: boolean; readonly ctrl: boolean };

/** What is marked after a key: arrows, Home and End, Page Up and Down; with Shift it grows. Undefined for other keys. */
export function movedBy(marked: Marked, { key, shift, ctrl }: Key, extent: Extent): Marked | undefined {
  const step = stepOf(key, ctrl, marked.at, extent);
  if (!step) return undefined;
  const at = { row: within(step.row, extent.rows), column: within(step.column, extent.columns) };
  return shift ? { ...marked, at } : markedAt(at);
}

function stepOf(key: string, ctrl: boolean, { row, column }: Cell, extent: Extent): Cell | undefined {
  const { rows, columns, page } = extent;
  switch (key) {
    case 'ArrowUp':
      return { row: ctrl ? 0 : row - 1, column };
    case 'ArrowDown':
      return { row: ctrl ? rows - 1 : row + 1, column };
    case 'ArrowLeft':
      return { row, column: ctrl ? 0 : column - 1 };
    case 'ArrowRight':
      return { row, column: ctrl ? columns - 1 : column + 1 };
    case 'PageUp':
      return { row: row - page, column };
    case 'PageDown':
      return { row: row + page, column };
    case 'Home':
      return { row: ctrl ? 0 : row, column: 0 };
    case 'End':
      return { row: ctrl ? rows - 1 : row, column: columns - 1 };
    default:
      return undefined;
  }
}
