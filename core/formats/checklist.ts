import type { TaskRow } from './taskRows';

const box = (done: boolean) => `- [${done ? 'x' : ' '}]`;

/** A title on one line, so that no line of it is taken for another item. */
const onOneLine = (text: string) => text.replace(/\s+/g, ' ').trim();

/**
 * Tasks as a Markdown checklist (GitHub Flavored Markdown, 5.3), steps indented below their task. `lineOf` says what stands
 * behind a box: the title, or more of the task in words.
 */
export const writeChecklist = (
  rows: readonly TaskRow[],
  lineOf: (row: TaskRow, at: number) => string,
): string =>
  rows
    .flatMap((row, at) => [
      `${box(row.done)} ${onOneLine(lineOf(row, at))}`,
      ...row.steps.map(({ title, done }) => `  ${box(done)} ${onOneLine(title)}`),
    ])
    .join('\n')
    .concat('\n');
