import { useState } from 'react';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { sortedBy, type Ground, type Sort } from '@/core/table/columns';
import type { Condition } from '@/core/table/conditions';

type By = { readonly sort: Sort | null; readonly conditions: readonly Condition[] };

type Held = { readonly tasks: readonly Task[]; readonly by: By; readonly ids: readonly Id[] };

const ordered = (tasks: readonly Task[], by: By, ground: Ground): Id[] => {
  const met = tasks.filter((task) => by.conditions.every((holds) => holds(task, ground)));
  return (by.sort ? sortedBy(met, by.sort, ground) : met).map(({ id }) => id);
};

/**
 * The tasks of a table in the order of its rows. It is worked out when the sort, what narrows it down or the tasks
 * themselves are other ones; a row whose cells are edited stays where it is, so that nothing jumps away under the hand.
 */
export function useSettledOrder(tasks: readonly Task[], by: By, ground: Ground): readonly Id[] {
  const [held, hold] = useState<Held>(() => ({ tasks, by, ids: ordered(tasks, by, ground) }));
  if (held.tasks === tasks && held.by === by) return held.ids;
  const ids = (held.by === by && settled(held, tasks)) || ordered(tasks, by, ground);
  hold({ tasks, by, ids });
  return ids;
}

/** The rows that stay where they are; undefined when there are new ones, which need a place. */
function settled(held: Held, tasks: readonly Task[]): readonly Id[] | undefined {
  if (held.tasks.length === tasks.length && tasks.every(({ id }, i) => id === held.tasks[i]?.id))
    return held.ids;
  const known = new Set(held.tasks.map(({ id }) => id));
  if (tasks.some(({ id }) => !known.has(id))) return undefined;
  const left = new Set(tasks.map(({ id }) => id));
  return held.ids.filter((id) => left.has(id));
}
