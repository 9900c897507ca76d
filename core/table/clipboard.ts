import { harmless, plainCell } from '../formats/harmlessCells';

/*
 * Cells as text for the clipboard: lines of cells that tabs part (IANA text/tab-separated-values), in quotes where a cell
 * holds a tab, a line end or a quote, as spreadsheets put them there. It is short enough to do without the reader of
 * tables, which would have to be loaded before the first screen.
 */

type Cells = readonly (readonly string[])[];

const inQuotes = (cell: string) => (/["\t\r\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell);

/** Cells as text; what a spreadsheet would take for a formula is made harmless. */
export const cellsAsText = (cells: Cells): string =>
  cells.map((row) => row.map((cell) => inQuotes(harmless(cell))).join('\t')).join('\n');

/** A cell in quotes or without, and the tab, the line end or the end that follows it. */
const CELL = /(?:"((?:[^"]|"")*)"|([^\t\r\n]*))(\t|\r\n|\r|\n|$)/gy;

/** Text as cells; one line end at its end counts for nothing. */
export function textAsCells(text: string): string[][] {
  const rows: string[][] = [[]];
  for (const [, quoted, plain = '', end] of text.replace(/\r?\n$/, '').matchAll(CELL)) {
    rows.at(-1)?.push(plainCell(quoted?.replaceAll('""', '"') ?? plain));
    if (end === '') break;
    if (end !== '\t') rows.push([]);
  }
  return rows;
}

/** The cells of a rectangle that a text fills: one cell fills all of it, more are laid from its top left on. */
export function filling(cells: Cells, size: { readonly rows: number; readonly columns: number }): Cells {
  const [[only] = []] = cells;
  const isOne = cells.length === 1 && cells[0]?.length === 1;
  if (!isOne || only === undefined) return cells;
  return Array.from({ length: size.rows }, () => Array.from({ length: size.columns }, () => only));
}

/** The first row of a rectangle for all rows below it. */
export const filledDown = (cells: Cells): Cells => cells.slice(1).map(() => cells[0] ?? []);
