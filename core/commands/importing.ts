import type { FileEvent, FileTask } from '../formats/readCalendar';
import type { Id } from '../model/common';
import { CalendarEvent, type Calendar } from '../model/event';
import { ReadTask, type Task } from '../model/task';
import { withCategories } from '../model/categories';
import { equal } from '../model/equal';
import type { Workspace } from '../model/workspace';
import { lowestRank } from '../tasks/order';
import { command, forget, put } from './command';

/** A calendar of a file, and the calendar of the person that it goes into. */
export type Import = {
  readonly calendar: Calendar;
  readonly events: readonly FileEvent[];
  readonly tasks: readonly FileTask[];
  /** What the file no longer has is removed. */
  readonly whole: boolean;
};

type ImportInput = {
  readonly imports: readonly Import[];
  /** The list that new tasks go to. */
  readonly listId: Id;
  /** Epoch ms. */
  readonly at: number;
};

/** How many events and tasks of a file were new, changed or as they already stood, and how many it no longer has. */
export type ImportCounts = {
  readonly added: number;
  readonly changed: number;
  readonly unchanged: number;
  readonly removed: number;
};

/** An event of a file as a record of a calendar; parsed, so that what is longer than bounds counts as it is kept. */
export const eventRecord = (
  calendarId: Id,
  event: FileEvent,
  stored: CalendarEvent | undefined,
): CalendarEvent =>
  CalendarEvent.parse({
    id: `${calendarId}/${event.uid}`,
    calendarId,
    ...event,
    changedAt: stored?.changedAt,
  });

/** What an import would write: events whose UID is new to the calendar, or newer or other than what is stored. */
function incomingEvents(workspace: Workspace, { calendar, events }: Import): CalendarEvent[] {
  return events.flatMap((event) => {
    const stored = workspace.events.get(`${calendar.id}/${event.uid}`);
    const record = eventRecord(calendar.id, event, stored);
    // an older SEQUENCE never overwrites a newer one (RFC 5546 2.1.5)
    const asItStands = stored && (event.sequence < stored.sequence || equal(stored, record));
    return asItStands ? [] : [record];
  });
}

/**
 * The tasks that an import would write. Only what the file says differently than it did the last time is taken over,
 * so that what the person changed here stays. A task that this program exported itself is left as it is here.
 */
export function incomingTasks(
  workspace: Workspace,
  calendarId: Id,
  tasks: readonly FileTask[],
  listId: Id,
  at: number,
): Task[] {
  const top = lowestRank(workspace.tasks);
  return tasks.flatMap(({ uid, ...rest }, i): Task[] => {
    const lastRead = ReadTask.parse(rest);
    const { title, notes, estimate, priority, due } = lastRead;
    const id = `${calendarId}/${uid}`;
    const origin = { kind: 'calendarFile' as const, calendarId, uid, lastRead };
    const stored = workspace.tasks.get(id);
    if (workspace.tasks.has(uid) || (stored && equal(stored.origin?.lastRead, lastRead))) return [];
    const doneAt = lastRead.done ? (lastRead.doneAt ?? at) : null;
    if (!stored) {
      const rank = top - tasks.length + i;
      return [{ id, title, notes, listId, estimate, priority, due, doneAt, createdAt: at, rank, origin }];
    }
    const before = stored.origin?.lastRead;
    const news = Object.entries({ title, notes, estimate, priority, due }).filter(
      // the entries are fields of both
      ([name, value]) => !equal(value, before?.[name as keyof ReadTask]),
    );
    const ticked = lastRead.done === before?.done ? {} : { doneAt };
    return [{ ...stored, ...Object.fromEntries(news), ...ticked, origin }];
  });
}

function incoming(workspace: Workspace, { imports, listId, at }: ImportInput) {
  return imports.map((part) => {
    const uids = new Set(part.events.map(({ uid }) => uid));
    const stored = workspace.events.parts.get(part.calendar.id)?.values() ?? [];
    return {
      ...part,
      records: incomingEvents(workspace, part),
      todos: incomingTasks(workspace, part.calendar.id, part.tasks, listId, at),
      gone: part.whole ? [...stored].filter(({ uid, madeHere }) => !madeHere && !uids.has(uid)) : [],
    };
  });
}

/** What importing would do, without doing it. */
export function importCounts(workspace: Workspace, input: ImportInput): ImportCounts {
  let [added, changed, removed, all] = [0, 0, 0, 0];
  for (const { records, todos, gone, events, tasks } of incoming(workspace, input)) {
    const fresh = [
      ...records.filter(({ id }) => !workspace.events.has(id)),
      ...todos.filter(({ id }) => !workspace.tasks.has(id)),
    ];
    added += fresh.length;
    changed += records.length + todos.length - fresh.length;
    removed += gone.length;
    all += events.length + tasks.length;
  }
  return { added, changed, unchanged: all - added - changed, removed };
}

/** The person's calendar that came from the same source, if there is one. */
export const calendarOfSource = (workspace: Workspace, source: string): Calendar | undefined =>
  workspace.calendars
    .values()
    .find((calendar) => calendar.source === source || calendar.alsoFrom?.includes(source));

/**
 * Brings the calendars of a file in, events and tasks matched by UID. The same file again changes nothing; events
 * that a whole calendar no longer has are removed.
 */
export const importCalendars = command('import', (workspace, input: ImportInput) =>
  incoming(workspace, input).reduce((before, { calendar, records, todos, gone }) => {
    const known = equal(before.calendars.get(calendar.id), calendar);
    const withCalendar = known ? before : put(before, 'calendars', calendar);
    const cleared = forget(
      withCalendar,
      'events',
      gone.map(({ id }) => id),
    );
    const categories = records.flatMap((event) => event.categories);
    const withEvents = put(withCategories(cleared, categories), 'events', ...records);
    return put(withEvents, 'tasks', ...todos);
  }, workspace),
);
