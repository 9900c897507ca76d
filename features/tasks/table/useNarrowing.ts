import { useMemo, useState } from 'react';
import type { ColumnId } from '@/core/table/columns';
import { readCondition, type Condition } from '@/core/table/conditions';
import { dayOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

export type Typed = Readonly<Partial<Record<ColumnId, string>>>;

/** What is typed above columns, and what of it can be read; nothing counts while it is not shown. */
export function useNarrowing(shown: boolean) {
  const { today, zone } = useMoment();
  const { dates } = useWorkspace().settings;
  const [typed, setTyped] = useState<Typed>({});
  const { conditions, unread } = useMemo(() => {
    const conditions: Condition[] = [];
    const unread = new Set<ColumnId>();
    // Object.entries forgets the key type
    for (const [column, words] of Object.entries(shown ? typed : {}) as [ColumnId, string][]) {
      if (words.trim() === '') continue;
      const read = readCondition(column, words, dayOf(today, zone).from, zone, dates);
      if (read) conditions.push(read);
      else unread.add(column);
    }
    return { conditions, unread };
  }, [shown, typed, today, zone, dates]);
  const narrow = (column: ColumnId, words: string) => setTyped({ ...typed, [column]: words });
  return { typed, narrow, conditions, unread };
}
