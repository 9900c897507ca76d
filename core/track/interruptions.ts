import type { Subject, TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { minutesOf, type Span } from '../time/span';
import { entriesIn } from './entries';
import { spanOfEntry } from './spent';

/** What something that came in between is called until it gets a name. */
export const SOMETHING_ELSE: Subject = { kind: 'other', title: 'Something else' };

/** Whether time went to something that nobody planned, and has no name yet. */
export const isUnnamed = (subject: Subject): boolean =>
  subject.kind === 'other' && subject.title === SOMETHING_ELSE.title;

/**
 * What time on something unplanned came in between of: what ended at the instant at which it began, or what that had
 * interrupted. Undefined when it began by itself.
 */
export function interrupted(entries: Workspace['entries'], entry: TimeEntry): TimeEntry | undefined {
  if (entry.subject.kind !== 'other') return undefined;
  const before = entriesIn(entries, { from: entry.from - 1, to: entry.from }, entry.from).find(
    ({ id, to }) => id !== entry.id && to === entry.from,
  );
  return before?.subject.kind === 'other' ? interrupted(entries, before) : before;
}

/** How often and how long something came in between, and what, the most frequent first. */
export type Interruptions = {
  readonly count: number;
  readonly minutes: number;
  readonly by: readonly { readonly title: string; readonly count: number }[];
};

/** The interruptions that began within a range; a running one lasts until `now`. */
export function interruptionsIn(entries: Workspace['entries'], range: Span, now: number): Interruptions {
  const found = entriesIn(entries, range, now).filter(
    (entry) => entry.from >= range.from && interrupted(entries, entry) !== undefined,
  );
  const by = new Map<string, number>();
  for (const { subject } of found)
    if (subject.kind === 'other') by.set(subject.title, (by.get(subject.title) ?? 0) + 1);
  return {
    count: found.length,
    minutes: Math.round(minutesOf(found.map((entry) => spanOfEntry(entry, now)))),
    by: [...by].map(([title, count]) => ({ title, count })).sort((a, b) => b.count - a.count),
  };
}
