import {
  addEvent,
  changeCalendar,
  deleteEvent,
  editEvent,
  isRepeating,
  moveEvent,
  type Scope,
} from '@/core/commands/events';
import type { EventChanges } from '@/core/calendar/series';
import { detailsAt, type Occurrence } from '@/core/calendar/occurrences';
import {
  ownCalendars,
  plainEvent,
  type Calendar,
  type CalendarEvent,
  type EventDetails,
  type WallStart,
} from '@/core/model/event';
import type { Id } from '@/core/model/common';
import { MINUTE, lengthOf } from '@/core/time/span';
import { dateWords, momentWords } from '@/core/time/words';
import { addDays, dateOf, daysBetween, wallOf, type IsoDate } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { offeringFreed } from './offeringFreed';
import { closePanel, openPanel, usePanels } from '@/ui/panels';
import { askScope, scopeWords } from './scopes';

/** The calendar that one's own events go into: the chosen one, the first of one's own, or a new one. */
export function ownCalendar(chosen?: Id): Calendar {
  const workspace = currentWorkspace();
  const [first] = ownCalendars(workspace.calendars);
  return (
    (chosen ? workspace.calendars.get(chosen) : undefined) ??
    first ?? { id: newId(), name: 'My calendar', source: '', hue: 'fern', kept: [] }
  );
}

type Named = {
  readonly title: string;
  readonly notes?: string;
  /** What its template says beside that. */
  readonly details?: Partial<EventDetails>;
};

/** An event of one's own: its start (epoch ms) and its length in minutes. */
type NewEvent = Named & { readonly start: number; readonly minutes: number };

/** Adds an event at an instant (epoch ms); returns its id when it went through. */
export function addEventAt({ start, minutes, ...named }: NewEvent, chosen?: Id): string | null {
  const { zone } = here();
  const begins = { wall: wallOf(start, zone), zone };
  const words = momentWords(start, zone, currentWorkspace().settings);
  return addOwnEvent(named, begins, { days: 0, seconds: minutes * 60 }, words, chosen);
}

/** Adds an event that takes whole days, `days` of them; returns its id when it went through. */
export function addEventOn({ from, days, ...named }: Named & { from: IsoDate; days: number }): string | null {
  const words = dateWords(from, currentWorkspace().settings);
  return addOwnEvent(named, { wall: from, zone: null }, { days, seconds: 0 }, words);
}

function addOwnEvent(
  { title, notes = '', details }: Named,
  start: WallStart,
  length: CalendarEvent['length'],
  when: string,
  chosen?: Id,
): string | null {
  const calendar = ownCalendar(chosen);
  const uid = newId();
  const id = `${calendar.id}/${uid}`;
  const event: CalendarEvent = {
    ...plainEvent,
    id,
    calendarId: calendar.id,
    uid,
    ...details,
    title,
    notes: notes || (details?.notes ?? ''),
    start,
    length,
  };
  return store.run(addEvent, { event, calendar }, `${title}: ${when}`) ? id : null;
}

/** An instant as an event tells its start, in the zone that it has. */
export const startAt = (instant: number, like: WallStart): WallStart => ({
  wall: wallOf(instant, like.zone ?? here().zone),
  zone: like.zone,
});

/** Changes one occurrence, or more as `scope` says, and goes on showing it. */
export function change(meeting: Occurrence, scope: Scope, changes: EventChanges): boolean {
  const id = newId();
  const { eventId, recurrence, title } = meeting;
  const event = currentWorkspace().events.get(eventId);
  const moves = changes.start !== undefined || changes.length !== undefined;
  const input = { id: eventId, recurrence, scope, newId: id, changes };
  const words = `${changes.title ?? title} changed${event && isRepeating(event) ? scopeWords[scope] : ''}`;
  if (!store.run(moves ? moveEvent : editEvent, input, words)) return false;
  const split = scope === 'later' && event && recurrence > event.start.wall;
  const { shown: panel } = usePanels.getState();
  const shown = panel?.kind === 'meeting' && panel.meeting.eventId === eventId;
  const now = split ? `${event.calendarId}/${id}` : eventId;
  const moved = changes.start && scope !== 'one' ? changes.start.wall : recurrence;
  if (shown && event && isRepeating(event) && (split || moved !== recurrence))
    openPanel({ kind: 'meeting', meeting: { ...meeting, eventId: now, recurrence: moved } });
  return true;
}

/** Adds an event like one occurrence of another, right after it and only once; nobody is asked to come. */
export function duplicateEvent(meeting: Occurrence): void {
  const workspace = currentWorkspace();
  const event = workspace.events.get(meeting.eventId);
  const calendar = workspace.calendars.get(meeting.calendarId);
  if (!event || !calendar || meeting.allDay) return;
  const { title, location, notes, categories, color, calls, reminders, unreminded, length, busy, start } =
    detailsAt(event, meeting.recurrence);
  const uid = newId();
  const words = { title, location, notes, categories, color, calls, reminders, unreminded, length, busy };
  const copy = { ...plainEvent, ...words, start: startAt(meeting.to, start) };
  const record = { ...copy, id: `${calendar.id}/${uid}`, calendarId: calendar.id, uid };
  store.run(addEvent, { event: record, calendar }, `${title} once more, right after it`);
}

/** Puts an event into another calendar, and goes on showing it. */
export function putInto(meeting: Occurrence, { id, uid }: CalendarEvent, calendarId: Id): void {
  if (!store.run(changeCalendar, { id, calendarId }, `${meeting.title} is in another calendar`)) return;
  openPanel({ kind: 'meeting', meeting: { ...meeting, calendarId, eventId: `${calendarId}/${uid}` } });
}

export function remove(meeting: Occurrence, scope: Scope): void {
  const { eventId: id, recurrence, title } = meeting;
  closePanel();
  offeringFreed(() =>
    store.run(deleteEvent, { id, recurrence, scope, newId: newId() }, `Deleted ${title}${scopeWords[scope]}`),
  );
}

/** Takes out an event; of a repeating one it asks how many of its times. */
export async function removeAsking(meeting: Occurrence): Promise<void> {
  const event = currentWorkspace().events.get(meeting.eventId);
  const scope = event && isRepeating(event) ? await askScope(meeting.title) : 'all';
  if (scope) remove(meeting, scope);
}

/** Moves an occurrence to an instant, `minutes` long; of a repeating event it asks what that holds for. */
export function moveTo(meeting: Occurrence, start: number, minutes: number): void {
  const event = currentWorkspace().events.get(meeting.eventId);
  if (!event || (start === meeting.from && minutes === lengthOf(meeting))) return;
  const changes: EventChanges = {
    start: startAt(start, event.start),
    ...(minutes * MINUTE === meeting.to - meeting.from ? {} : { length: { days: 0, seconds: minutes * 60 } }),
  };
  void moveAsking(event, meeting, changes);
}

/** Moves an occurrence to another day and leaves its hours, if it has any; of a repeating event it asks. */
export function moveToDay(meeting: Occurrence, date: IsoDate): void {
  const event = currentWorkspace().events.get(meeting.eventId);
  const days = daysBetween(dateOf(meeting.from, here().zone), date);
  if (!event || days === 0) return;
  const { wall, zone } = detailsAt(event, meeting.recurrence).start;
  void moveAsking(event, meeting, {
    start: { wall: addDays(wall.slice(0, 10), days) + wall.slice(10), zone },
  });
}

async function moveAsking(event: CalendarEvent, meeting: Occurrence, changes: EventChanges) {
  const scope = isRepeating(event) ? await askScope(meeting.title) : 'one';
  if (scope) move(meeting, scope, changes);
}

function move(meeting: Occurrence, scope: Scope, changes: EventChanges) {
  const { eventId: id, recurrence, title } = meeting;
  offeringFreed(() =>
    store.run(
      moveEvent,
      { id, recurrence, scope, newId: newId(), changes },
      `${title} moved${scopeWords[scope]}`,
    ),
  );
}
