import { isTravel } from '../frame/buffers';
import type { Workspace } from '../model/workspace';
import { entriesIn } from '../track/entries';
import { interrupted } from '../track/interruptions';
import { spanOfEntry, subjectKey } from '../track/spent';
import { subtract } from '../time/span';
import { cut, type Keyed } from './cutting';
import type { LedgerRow } from './ledger';
import { peopleOf } from './people';

/** What time can go to, whatever it is about. A meeting that nobody was asked to is `meeting`. */
export type Kind = 'task' | 'oneToOne' | 'group' | 'meeting' | 'travel' | 'interruption' | 'unplanned';

/** So many people make a meeting one to one: the other one; of those who have not said who they are, both. */
const sizeOfOneToOne = (own: readonly string[]) => (own.length > 0 ? 1 : 2);

/** The rows by their kind; what came in between is cut from what else was recorded under the same name. */
export function byKind(workspace: Workspace, rows: readonly LedgerRow[], own: readonly string[]): Keyed[] {
  const people = peopleOf(workspace, rows, own);
  const kindOf = (row: LedgerRow): Kind => {
    const { subject, title, categoryId } = row;
    if (isTravel([title, workspace.categories.get(categoryId ?? '')?.name ?? ''])) return 'travel';
    if (subject.kind !== 'event') return subject.kind === 'task' ? 'task' : 'unplanned';
    const met = people(row).length;
    if (met === 0) return 'meeting';
    return met <= sizeOfOneToOne(own) ? 'oneToOne' : 'group';
  };
  return rows.flatMap((row): Keyed[] => {
    const key = kindOf(row);
    return key === 'unplanned' ? interruptionsApart(workspace, row) : [{ key, row }];
  });
}

/** What of a row came in between of something else, and the rest. */
function interruptionsApart({ entries }: Workspace, row: LedgerRow): Keyed[] {
  const { actual } = row.spans;
  const between = actual.flatMap((span) =>
    entriesIn(entries, span, span.to)
      .filter((entry) => subjectKey(entry.subject) === row.key && interrupted(entries, entry) !== undefined)
      .map((entry) => spanOfEntry(entry, span.to)),
  );
  return cut(row, [
    { key: 'interruption', spans: between },
    { key: 'unplanned', spans: subtract(actual, between) },
  ]);
}
