/** A cell that a spreadsheet would take for a formula is told by what it begins with. */
const FORMULA = /^'*[=+\-@\t\r]/;

/** The cell, led by an apostrophe when a spreadsheet would take it for a formula. */
export const harmless = (cell: string) => (FORMULA.test(cell) ? `'${cell}` : cell);

/** The cell as it was before it was made harmless. */
export const plainCell = (cell: string) =>
  cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell;
