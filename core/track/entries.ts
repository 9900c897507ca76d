import { derivedByPart } from '../model/collection';
import { nearby } from '../model/nearby';
import type { TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import type { Span } from '../time/span';

type Entries = Workspace['entries'];

const entriesNear = nearby<TimeEntry>(({ from, to }) => ({ from, to: to ?? from + 1 }));

const runningByPart = derivedByPart<TimeEntry, TimeEntry[]>((entries) =>
  [...entries].filter(({ to }) => to === null),
);
const backwardsByPart = derivedByPart<TimeEntry, TimeEntry[]>((entries) =>
  [...entries].filter(({ from, to }) => to !== null && to <= from),
);

/** The entries of all timers that run: more than one only for as long as two tabs do not know of each other. */
export const runningEntries = (entries: Entries): TimeEntry[] => runningByPart(entries).flat();

/** The running timer's entry, if one runs. */
export const runningEntry = (entries: Entries): TimeEntry | undefined => runningEntries(entries)[0];

/** Entries that end before they begin, as two changes of one at once can leave it. */
export const backwardEntries = (entries: Entries): TimeEntry[] => backwardsByPart(entries).flat();

/** The task that the timer runs on, if it runs on one. */
export function runningTask(entries: Entries): string | undefined {
  const subject = runningEntry(entries)?.subject;
  return subject?.kind === 'task' ? subject.taskId : undefined;
}

/** The time entries that touch a stretch of time, by start; the running one lasts until `now`. */
export function entriesIn(entries: Entries, range: Span, now: number): TimeEntry[] {
  const running = runningEntry(entries);
  const found = entriesNear.in(entries, range).filter((entry) => entry !== running);
  return running && running.from < range.to && now > range.from ? [...found, running] : found;
}
