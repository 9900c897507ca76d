import { eventIdOf } from '../calendar/occurrences';
import { allChanged, headOf, shifted, tailOf, withException, type EventChanges } from '../calendar/series';
import { ruleStarts } from '../calendar/rule';
import type { Id } from '../model/common';
import type { Calendar, CalendarEvent } from '../model/event';
import { withCategories } from '../model/categories';
import { groupedBy } from '../model/collection';
import type { TimeEntry } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { addDays } from '../time/zone';
import { command, CommandFailed, existing, forget, put, without } from './command';

/** What a change of a repeating event holds for. */
export type Scope = 'one' | 'later' | 'all';

/** One occurrence, and what a change of it holds for; `newId` is for the series that begins at it, if one does. */
type At = { readonly id: Id; readonly recurrence: string; readonly scope: Scope; readonly newId: Id };

/** Whether an event happens more than once. */
export const isRepeating = ({ rule, also }: CalendarEvent) => rule !== null || also.length > 0;

/** Adds an event; its calendar is added with it when it is new. */
export const addEvent = command(
  'add event',
  (workspace, { event, calendar }: { event: CalendarEvent; calendar: Calendar }) => {
    if (event.title.trim() === '') throw new CommandFailed('An event needs a title.');
    const home = workspace.calendars.has(calendar.id) ? workspace : put(workspace, 'calendars', calendar);
    const known = withCategories(home, event.categories);
    return put(known, 'events', { ...event, calendarId: calendar.id, madeHere: true });
  },
);

/** Changes one occurrence of an event, it and all later ones, or all. The hours of `changes` are those of this occurrence. */
export const editEvent = command(
  'edit event',
  (workspace, { changes, ...at }: At & { changes: EventChanges }) =>
    changed(withCategories(workspace, changes.categories ?? []), at, changes),
);

/** Moves an occurrence (or it and later ones, or all) to other hours. */
export const moveEvent = command(
  'move event',
  (workspace, { changes, ...at }: At & { changes: Pick<EventChanges, 'start' | 'length'> }) =>
    changed(workspace, at, changes),
);

/** Changes how an event repeats, from its beginning on; null makes it happen once. Changed occurrences that the new rule lacks go. */
export const repeatEvent = command('repeat', (workspace, { id, rule }: { id: Id; rule: string | null }) => {
  const event = existing(workspace.events, id, 'event');
  const { wall, zone } = event.start;
  const given = (start: string) => {
    const day = start.slice(0, 10);
    return rule !== null && ruleStarts(rule, wall, zone ?? 'UTC', day, addDays(day, 1)).includes(start);
  };
  return put(
    workspace,
    'events',
    newer({
      ...event,
      rule,
      without: event.without.filter(given),
      also: rule === null ? [] : event.also,
      exceptions: event.exceptions.filter(({ recurrence }) => given(recurrence)),
    }),
  );
});

/** Puts an event into another calendar; what belongs to it goes along. */
export const changeCalendar = command(
  'change calendar',
  (workspace, { id, calendarId }: { id: Id; calendarId: Id }) => {
    const event = existing(workspace.events, id, 'event');
    existing(workspace.calendars, calendarId, 'calendar');
    const to = `${calendarId}/${event.uid}`;
    if (to === id) return workspace;
    const there = put(workspace, 'events', { ...event, id: to, calendarId });
    const moved = followed(there, event, to, (wall) => wall);
    return without(moved, 'events', [id]);
  },
);

/** Takes out one occurrence, it and all later ones, or the whole event. */
export const deleteEvent = command(
  'delete event',
  (workspace, { id, recurrence, scope }: Omit<At, 'newId'>) => {
    const event = existing(workspace.events, id, 'event');
    if (scope === 'all' || !isRepeating(event) || (scope === 'later' && recurrence === event.start.wall))
      return forget(workspace, 'events', [id]);
    if (scope === 'later') return put(workspace, 'events', newer(headOf(event, recurrence)));
    return put(
      workspace,
      'events',
      newer({
        ...event,
        without: [...event.without, recurrence],
        exceptions: event.exceptions.filter((exception) => exception.recurrence !== recurrence),
      }),
    );
  },
);

/** A changed event stands above what the file it came from says (RFC 5546 2.1.4). */
const newer = (event: CalendarEvent): CalendarEvent => ({ ...event, sequence: event.sequence + 1 });

function changed(
  workspace: Workspace,
  { id, recurrence, scope, newId }: At,
  changes: EventChanges,
): Workspace {
  const event = existing(workspace.events, id, 'event');
  if (!isRepeating(event)) {
    const single = put(workspace, 'events', newer({ ...event, ...changes }));
    return followed(single, event, id, () => changes.start?.wall ?? recurrence);
  }
  if (scope === 'one') return put(workspace, 'events', newer(withException(event, recurrence, changes)));
  const first = recurrence <= event.start.wall;
  if (scope === 'all' || first) {
    const all = put(workspace, 'events', newer(allChanged(event, recurrence, changes)));
    return followed(all, event, id, (wall) => shifted(event, recurrence, changes, wall));
  }
  const tail = {
    ...tailOf(event, recurrence),
    id: `${event.calendarId}/${newId}`,
    uid: newId,
    madeHere: true,
  };
  const later = allChanged(tail, tail.start.wall, changes);
  const split = put(workspace, 'events', newer(headOf(event, recurrence)), later);
  return followed(split, event, tail.id, (wall) =>
    wall < recurrence ? null : shifted(tail, tail.start.wall, changes, wall),
  );
}

const needing = groupedBy<Task>(({ neededBy }) => neededBy?.eventId ?? []);
const spentIn = groupedBy<TimeEntry>(({ subject }) =>
  subject.kind === 'event' ? eventIdOf(subject.occurrence) : [],
);

/** Tasks that are needed by an occurrence, and time spent in it, go along when it stands elsewhere or in another series. */
function followed(
  workspace: Workspace,
  event: CalendarEvent,
  to: Id,
  whereTo: (recurrence: string) => string | null,
): Workspace {
  const place = (recurrence: string) => {
    const wall = whereTo(recurrence);
    return wall === null || (to === event.id && wall === recurrence)
      ? null
      : { eventId: to, recurrence: wall };
  };
  const tasks = needing(workspace.tasks, event.id).flatMap((task) => {
    const neededBy = task.neededBy && place(task.neededBy.recurrence);
    return neededBy ? [{ ...task, neededBy }] : [];
  });
  const entries = spentIn(workspace.entries, event.id).flatMap((entry) => {
    const { subject } = entry;
    if (subject.kind !== 'event') return [];
    const there = place(subject.occurrence.slice(event.id.length + 1));
    return there
      ? [{ ...entry, subject: { ...subject, occurrence: `${there.eventId}@${there.recurrence}` } }]
      : [];
  });
  return put(put(workspace, 'tasks', ...tasks), 'entries', ...entries);
}
