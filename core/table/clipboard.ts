import Papa from 'papaparse';
import { harmless, plainCell } from '../formats/csvTasks';

/* Cells as text for the clipboard: lines of cells that tabs part, as spreadsheets put them there. */

type Cells = readonly (readonly string[])[];

/** Cells as text; what a spreadsheet would take for a formula is made harmless. */
export const cellsAsText = (cells: Cells): string =>
  Papa.unparse(
    cells.map((row) => row.map(harmless)),
    { delimiter: '\t', newline: '\n' },
  );

/** Text as cells; one line end at its end counts for nothing. */
export const textAsCells = (text: string): string[][] =>
  Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' }).data.map((row) => row.map(plainCell));

/** The cells of a rectangle that a text fills: one cell fills all of it, more are laid from its top left on. */
export function filling(cells: Cells, size: { readonly rows: number; readonly columns: number }): Cells {
  const [[only] = []] = cells;
  const isOne = cells.length === 1 && cells[0]?.length === 1;
  if (!isOne || only === undefined) return cells;
  return Array.from({ length: size.rows }, () => Array.from({ length: size.columns }, () => only));
}

/** The first row of a rectangle for all rows below it. */
export const filledDown = (cells: Cells): Cells => cells.slice(1).map(() => cells[0] ?? []);
