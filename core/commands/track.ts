import type { Id } from '../model/common';
import { MINUTE } from '../time/span';
import { longestTo, type Subject, type TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { runningEntries, runningEntry, soundEnd, unsoundEntries } from '../track/entries';
import { beganLater } from '../track/seen';
import { command, CommandFailed, existing, put, without } from './command';
import { touched } from '../tasks/repeating';

/**
 * Stops the running timer if `which` picks it. An entry that took no time is not kept; of one that began later than the
 * clock says it is now a minute is kept, to be corrected.
 */
export function stopRunning(
  workspace: Workspace,
  at: number,
  which: (entry: TimeEntry) => boolean = () => true,
): Workspace {
  const running = runningEntry(workspace.entries);
  if (!running || !which(running)) return workspace;
  if (beganLater(running, at)) return put(workspace, 'entries', { ...running, from: at - MINUTE, to: at });
  if (at <= running.from) return without(workspace, 'entries', [running.id]);
  return put(workspace, 'entries', { ...running, to: soundEnd(running, at) });
}

/**
 * The workspace with one timer at most, and no time that ends before it begins or lasts too long: two tabs can start one
 * each, or move the ends of one past each other. Of several timers the one that began last goes on.
 */
export function soundTimes(workspace: Workspace): Workspace {
  const running = runningEntries(workspace.entries).sort((a, b) => a.from - b.from || (a.id < b.id ? -1 : 1));
  const last = running.pop();
  const stopped = running.map((entry) => ({ ...entry, to: soundEnd(entry, last?.from ?? 0) }));
  const unsound = unsoundEntries(workspace.entries).map((entry) => ({
    ...entry,
    to: soundEnd(entry, entry.to ?? 0),
  }));
  return put(workspace, 'entries', ...stopped, ...unsound);
}

/** Time on one time of a repeating task makes that a task of its own. */
const begun = (workspace: Workspace, subject: Subject) =>
  subject.kind === 'task' ? touched(workspace, subject.taskId) : workspace;

/** Starts a timer at an instant; the one that runs stops at the same instant. */
export const startTimer = command(
  'start timer',
  (workspace, { id, subject, at }: { id: Id; subject: Subject; at: number }) => {
    const ready = begun(workspace, subject);
    if (subject.kind === 'task') existing(ready.tasks, subject.taskId, 'task');
    return put(stopRunning(ready, at), 'entries', { id, subject, from: at, to: null });
  },
);

export const stopTimer = command('stop timer', (workspace, { at }: { at: number }) => {
  if (!runningEntry(workspace.entries)) throw new CommandFailed('No timer is running.');
  return stopRunning(workspace, at);
});

const checked = (from: number, to: number) => {
  if (to <= from) throw new CommandFailed('The end must be after the start.');
  if (to > longestTo({ from })) throw new CommandFailed('Time can be recorded for 31 days at a stretch.');
  return { from, to };
};

/** Adds time by hand. Fails when the end is not after the start, or more than 31 days after it. */
export const addEntry = command(
  'add time',
  (workspace, { id, subject, from, to }: { id: Id; subject: Subject; from: number; to: number }) =>
    put(begun(workspace, subject), 'entries', { id, subject, ...checked(from, to) }),
);

/** Corrects when time was spent. Fails when the end is not after the start, or more than 31 days after it. */
export const editEntry = command(
  'edit time',
  (workspace, { id, from, to }: { id: Id; from: number; to: number }) => {
    const { ran: _, ...entry } = existing(workspace.entries, id, 'time entry');
    return put(workspace, 'entries', { ...entry, ...checked(from, to) });
  },
);

/** Says what time that nobody planned went to. Fails for time on a task or a meeting. */
export const nameEntry = command('name it', (workspace, { id, title }: { id: Id; title: string }) => {
  const entry = existing(workspace.entries, id, 'time entry');
  if (entry.subject.kind !== 'other')
    throw new CommandFailed('What this time went to has a name of its own.');
  return put(workspace, 'entries', { ...entry, subject: { kind: 'other', title } });
});

export const deleteEntry = command('delete time', (workspace, { id }: { id: Id }) => {
  existing(workspace.entries, id, 'time entry');
  return without(workspace, 'entries', [id]);
});

/** Takes the start of an entry along with a clock that was set back by `by` ms, so that its length stays. */
export const setClockBack = command('set back', (workspace, { id, by }: { id: Id; by: number }) => {
  const entry = existing(workspace.entries, id, 'time entry');
  return put(workspace, 'entries', { ...entry, from: entry.from - by });
});

type LeftOut = {
  readonly id: Id;
  readonly to: number;
  readonly goesOn: { readonly id: Id; readonly at: number } | null;
  /** What was done before it went on. */
  readonly meanwhile?: { readonly id: Id; readonly subject: Subject };
};

/** Ends an entry at an earlier instant, and goes on with another on the same thing if `goesOn` says from when. */
export const leaveOut = command('leave time out', (workspace, { id, to, goesOn, meanwhile }: LeftOut) => {
  const entry = existing(workspace.entries, id, 'time entry');
  const ended = put(workspace, 'entries', { ...entry, ...checked(entry.from, to) });
  if (!goesOn) return ended;
  const other = meanwhile ? [{ ...meanwhile, ...checked(to, goesOn.at), mended: true as const }] : [];
  const next = { id: goesOn.id, subject: entry.subject, from: goesOn.at, to: null };
  return put(ended, 'entries', ...other, next);
});
