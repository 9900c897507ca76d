import { editCells } from '@/core/commands/several';
import { categoriesOf } from '@/core/model/categories';
import type { Id } from '@/core/model/common';
import { Priority } from '@/core/model/task';
import { listNamed, openLists } from '@/core/tasks/lists';
import { taskOf } from '@/core/tasks/places';
import { columnOf, type ColumnId } from '@/core/table/columns';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { readDay, readDue } from '@/ui/dayReadings';
import type { Reading } from '@/ui/Field';
import { quoted, readEstimate, readName, readTitle } from '@/ui/readings';

/** What a cell says of its task. */
type Said = Omit<Parameters<typeof editCells.apply>[1]['changes'][number], 'id'>;

const saying = <T>(reading: Reading<T>, say: (value: T) => Said): Reading<Said> =>
  'problem' in reading ? reading : { value: say(reading.value) };

/** What text that is typed or pasted into a cell says of its task, or why it says nothing. */
export function readCell(column: ColumnId, typed: string): Reading<Said> {
  const text = typed.trim();
  switch (column) {
    case 'title':
      return saying(readTitle(text), (title) => ({ title }));
    case 'estimate':
      return saying(readEstimate(text), (estimate) => ({ estimate }));
    case 'due':
      return saying(readDue(text), (due) => ({ due }));
    case 'notBefore':
      return text === ''
        ? { value: { notBefore: undefined } }
        : saying(readDay(text), (notBefore) => ({ notBefore }));
    case 'priority': {
      const priority = Priority.safeParse(text === '' ? 'normal' : text.toLowerCase());
      return priority.success
        ? { value: { priority: priority.data } }
        : { problem: `${quoted(text)} isn’t a priority: ${choicesOf(column).join(', ')}.` };
    }
    case 'list': {
      const list = listNamed(currentWorkspace(), text);
      return list ? { value: { listId: list.id } } : { problem: `There is no list ${quoted(text)}.` };
    }
    case 'category':
      return saying(readName(text), (categoryName) => ({ categoryName }));
    default:
      return { problem: `${columnOf(column).name} is worked out and cannot be typed.` };
  }
}

/** What can be chosen in a column; none where anything may be typed. */
export function choicesOf(column: ColumnId): readonly string[] {
  const workspace = currentWorkspace();
  switch (column) {
    case 'list':
      return openLists(workspace).map(({ name }) => name);
    case 'category':
      return categoriesOf(workspace).map(({ name }) => name);
    case 'priority':
      return Priority.options;
    default:
      return [];
  }
}

type Texts = readonly (readonly string[])[];

/**
 * Puts texts into the cells of tasks and columns, from the first of each on, as one step. What cannot be read is left as
 * it was, and the first of it is named.
 */
export function writeCells(ids: readonly Id[], columns: readonly ColumnId[], texts: Texts): boolean {
  const problems: string[] = [];
  const changes = texts.flatMap((row, i) =>
    row.flatMap((text, j) => {
      const [id, column] = [ids[i], columns[j]];
      if (id === undefined || column === undefined) {
        problems.push('It reaches beyond the table.');
        return [];
      }
      const reading = readCell(column, text);
      if ('value' in reading) return [{ id, ...reading.value }];
      problems.push(`${taskOf(currentWorkspace(), id)?.title ?? 'A task'}: ${reading.problem}`);
      return [];
    }),
  );
  const cells = (count: number) => (count === 1 ? '1 cell' : `${count} cells`);
  const [first] = problems;
  if (first !== undefined) store.say(`${cells(problems.length)} left as they were. ${first}`, 'problem');
  return changes.length > 0 && store.run(editCells, { changes }, `Changed ${cells(changes.length)}`);
}
