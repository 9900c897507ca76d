import ICAL from 'ical.js';
import { equal } from '../model/equal';
import type { Id } from '../model/common';
import type { FileTask } from '../formats/readTask';
import { priorityLevels } from '../formats/writeCalendar';
import { ReadTask, type Task } from '../model/task';
import { instantOf, type Zone } from '../time/zone';

/** What of a task its account says, too; everything else of it is ours. */
const SHARED = ['title', 'notes', 'priority', 'due'] as const;

type Heard = {
  /** The task as its account has it now. */
  readonly task: FileTask;
  /** When it was changed there last, epoch ms by our clock. */
  readonly revised: number;
};
type Taking = { readonly calendarId: Id; readonly listId: Id; readonly rank: number; readonly at: number };

/** A task that an account has and that is new here. */
export function newTaskOf({ task }: Heard, { calendarId, listId, rank, at }: Taking): Task {
  const { uid, ...rest } = task;
  const lastRead = ReadTask.parse(rest);
  const { title, notes, estimate, priority, due, done, doneAt } = lastRead;
  return {
    id: `${calendarId}/${uid}`,
    ...{ title, notes, listId, estimate, priority, due, rank },
    doneAt: done ? (doneAt ?? at) : null,
    createdAt: at,
    origin: { kind: 'account', calendarId, uid, lastRead },
  };
}

/**
 * A task of ours with what its account has changed of it since it was last read: field by field, where both have changed the one
 * that was changed last wins. Without an origin that was read, the account's word holds.
 */
export function mergedTask(stored: Task, { task, revised }: Heard, { calendarId, at }: Taking): Task {
  const { uid, ...rest } = task;
  const lastRead = ReadTask.parse(rest);
  const before = stored.origin?.lastRead;
  const isTheirs = <T>(was: T | undefined, ours: T, theirs: T): boolean =>
    before === undefined || (!equal(theirs, was) && (equal(ours, was) || revised >= (stored.changedAt ?? 0)));
  const fields = SHARED.filter((field) => isTheirs(before?.[field], stored[field], lastRead[field]));
  const ticked = isTheirs(before?.done, stored.doneAt !== null, lastRead.done)
    ? { doneAt: lastRead.done ? (lastRead.doneAt ?? stored.doneAt ?? at) : null }
    : {};
  return {
    ...stored,
    ...Object.fromEntries(fields.map((field) => [field, lastRead[field]])),
    ...ticked,
    origin: { kind: 'account', calendarId, uid, lastRead },
  };
}

const utc = (instant: number) => ICAL.Time.fromJSDate(new Date(instant), true);

const taskIn = (root: ICAL.Component): ICAL.Component => {
  const found = root.getFirstSubcomponent('vtodo');
  if (!found) throw new Error('There is no task in it.');
  return found;
};

function setDue(part: ICAL.Component, due: Task['due'], zone: Zone): void {
  // a task has either; what both would say is what DUE says (RFC 5545 3.6.2)
  part.removeAllProperties('duration');
  part.removeAllProperties('due');
  if (!due) return;
  if (due.time === null) return void part.updatePropertyWithValue('due', ICAL.Time.fromDateString(due.date));
  part.updatePropertyWithValue('due', utc(instantOf(`${due.date}T${due.time}:00`, zone)));
}

function setDone(part: ICAL.Component, doneAt: number | null): void {
  part.removeAllProperties('completed');
  part.removeAllProperties('percent-complete');
  part.updatePropertyWithValue('status', doneAt === null ? 'NEEDS-ACTION' : 'COMPLETED');
  if (doneAt === null) return;
  part.updatePropertyWithValue('completed', utc(doneAt));
  part.updatePropertyWithValue('percent-complete', 100);
}

/**
 * The text of a task as its account has it, with what of it was changed here and no more: all else stays to the letter. Due hours
 * go out in UTC; `zone` is the person's, `now` epoch ms. Throws for a text without a task.
 */
export function patchedTask(text: string, task: Task, zone: Zone, now: number): string {
  const root = ICAL.Component.fromString(text);
  const part = taskIn(root);
  const { title, notes, priority, due, doneAt, origin } = task;
  const before = origin?.lastRead;
  const has = <F extends (typeof SHARED)[number]>(field: F) => !equal(task[field], before?.[field]);
  if (has('title')) part.updatePropertyWithValue('summary', title);
  if (has('notes')) part.updatePropertyWithValue('description', notes);
  if (has('priority')) part.updatePropertyWithValue('priority', priorityLevels[priority]);
  if (has('due')) setDue(part, due, zone);
  if ((doneAt !== null) !== before?.done) setDone(part, doneAt);
  part.updatePropertyWithValue('sequence', Number(part.getFirstPropertyValue('sequence') ?? 0) + 1);
  for (const stamp of ['last-modified', 'dtstamp']) part.updatePropertyWithValue(stamp, utc(now));
  return `${root.toString()}\r\n`;
}

/** When a task was changed last by its account, epoch ms (RFC 5545 3.8.7.3, or 3.8.7.2 without it); undefined if it does not say. */
export function revisedAt(text: string): number | undefined {
  try {
    const part = taskIn(ICAL.Component.fromString(text));
    const stamp = part.getFirstPropertyValue('last-modified') ?? part.getFirstPropertyValue('dtstamp');
    return stamp instanceof ICAL.Time ? stamp.toJSDate().getTime() : undefined;
  } catch {
    return undefined;
  }
}
