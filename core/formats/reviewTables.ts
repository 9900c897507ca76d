import Papa from 'papaparse';
import type { Timesheet } from '../review/timesheet';
import { harmless } from './harmlessCells';

/** A table of words and minutes: its heads, its lines and the sums below them, where there are any. */
export type Table = {
  readonly heads: readonly string[];
  readonly lines: readonly (readonly (string | number)[])[];
  readonly sums: readonly (string | number)[];
};

/** A table as CSV (RFC 4180), minutes as whole numbers. */
export const tableAsCsv = ({ heads, lines, sums }: Table): string =>
  Papa.unparse(
    [heads, ...lines, ...(sums.length > 0 ? [sums] : [])].map((line) =>
      line.map((cell) => (typeof cell === 'number' ? cell : harmless(cell))),
    ),
    { newline: '\r\n' },
  );

const cellText = (cell: string | number) => `${cell}`.replace(/\|/g, '\\|').replace(/\s*\n\s*/g, ' ');

/** A table in Markdown, under a title; `tell` says minutes. */
export function tableAsMarkdown(title: string, table: Table, tell: (minutes: number) => string): string {
  const line = (cells: readonly (string | number)[]) =>
    `| ${cells.map((cell) => cellText(typeof cell === 'number' ? tell(cell) : cell)).join(' | ')} |`;
  const rule = `|${table.heads.map((_, i) => (i === 0 ? ' --- ' : ' ---: ')).join('|')}|`;
  return `${[`## ${title}`, '', line(table.heads), rule, ...table.lines.map(line), ...(table.sums.length > 0 ? [line(table.sums)] : [])].join('\n')}\n`;
}

/** A timesheet as a table, with what the time went to in a last column if that is wished. */
export function timesheetTable({ columns, lines, totals, total }: Timesheet, withNotes: boolean): Table {
  const more = <T>(last: T) => (withNotes ? [last] : []);
  return {
    heads: ['', ...columns, 'Together', ...more('What it was')],
    lines: lines.map(({ name, minutes, total: own, notes }) => [
      name,
      ...minutes,
      own,
      ...more(notes.join('; ')),
    ]),
    sums: ['Together', ...totals, total, ...more('')],
  };
}
