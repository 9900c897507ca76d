import type { Id } from '../model/common';
import { plainName } from '../model/names';
import type { Workspace } from '../model/workspace';
import { kindOf } from '../tasks/takes';
import { minutesOf, type Span } from '../time/span';
import { timeOf, type Zone } from '../time/zone';
import { spanOfEntry } from '../track/spent';

/** What one task says of estimates. */
export type Observation = {
  readonly id: Id;
  readonly title: string;
  /** What tells it from other kinds of work: its category, else its list. */
  readonly kind: string;
  readonly listId: Id;
  readonly categoryId: Id | null;
  /** Minutes, above 0. */
  readonly estimate: number;
  readonly actual: number;
  /** When it was finished, or last worked on (epoch ms). */
  readonly at: number;
  /** The hour of the clock at which it was begun. */
  readonly hour: number;
  /** Not finished yet: it takes longer than this. */
  readonly open: boolean;
};

/** Whether tasks are compared with what they were first estimated at, or with the estimate that they have now. */
export type Which = 'first' | 'last';

/** Titles that are the same but for capitals and spaces. */
export const plainTitle = (title: string): string => plainName(title).replace(/\s+/g, ' ');

/** Less than this many minutes on record say nothing: a tick by mistake, a timer pressed twice. */
const LEAST = 1;

/** All time on record, by task. */
function spansByTask({ entries }: Workspace, now: number): Map<Id, Span[]> {
  const spans = new Map<Id, Span[]>();
  for (const entry of entries.values()) {
    if (entry.subject.kind !== 'task') continue;
    const own = spans.get(entry.subject.taskId);
    if (own) own.push(spanOfEntry(entry, now));
    else spans.set(entry.subject.taskId, [spanOfEntry(entry, now)]);
  }
  return spans;
}

/**
 * What the tasks with an estimate and time on record say, each time of a repeating task as one. Of open tasks only those count
 * that have already taken longer than estimated. What is finished without a record says nothing.
 */
export function observationsIn(workspace: Workspace, which: Which, zone: Zone, now: number): Observation[] {
  const spans = spansByTask(workspace, now);
  return [...spans].flatMap(([id, own]): Observation[] => {
    const task = workspace.tasks.get(id);
    const estimate = (which === 'first' ? task?.firstEstimate : undefined) ?? task?.estimate ?? 0;
    const actual = minutesOf(own);
    if (!task || estimate <= 0 || actual < LEAST) return [];
    const open = task.doneAt === null;
    if (open && actual <= estimate) return [];
    const begun = own.reduce((least, { from }) => Math.min(least, from), Infinity);
    return [
      {
        id,
        title: task.title,
        kind: kindOf(task),
        listId: task.listId,
        categoryId: task.category ?? null,
        estimate,
        actual,
        at: task.doneAt ?? own.reduce((most, { to }) => Math.max(most, to), 0),
        hour: Number(timeOf(begun, zone).slice(0, 2)),
        open,
      },
    ];
  });
}
