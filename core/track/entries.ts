import { derivedByPart } from '../model/collection';
import { nearby } from '../model/nearby';
import { longestTo, type TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import type { Span } from '../time/span';

type Entries = Workspace['entries'];

const entriesNear = nearby<TimeEntry>(({ from, to }) => ({ from, to: to ?? from + 1 }));

const runningByPart = derivedByPart<TimeEntry, TimeEntry[]>((entries) =>
  [...entries].filter(({ to }) => to === null),
);
const unsoundByPart = derivedByPart<TimeEntry, TimeEntry[]>((entries) =>
  [...entries].filter((entry) => entry.to !== null && entry.to !== soundEnd(entry, entry.to)),
);

/** Where an entry ends (epoch ms) that is to end at `to`: after it begins, and not later than an entry can. */
export const soundEnd = (entry: TimeEntry, to: number): number =>
  Math.min(Math.max(to, entry.from + 1), longestTo(entry));

/** The entries of all timers that run: more than one only for as long as two tabs do not know of each other. */
export const runningEntries = (entries: Entries): TimeEntry[] => runningByPart(entries).flat();

/** The running timer's entry, if one runs. */
export const runningEntry = (entries: Entries): TimeEntry | undefined => runningEntries(entries)[0];

/** Entries that end before they begin, or last too long, as two changes of one at once can leave it. */
export const unsoundEntries = (entries: Entries): TimeEntry[] => unsoundByPart(entries).flat();

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
