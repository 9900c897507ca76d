import type { FileEvent } from '../formats/readCalendar';
import type { Hue, Id } from '../model/common';
import { CalendarEvent, type Calendar } from '../model/event';
import type { Settings } from '../model/settings';
import type { Workspace } from '../model/workspace';
import { command, existing, put, without } from './command';

/** How many events of a file were new, changed or as they already stood. */
export type ImportCounts = { readonly added: number; readonly changed: number; readonly unchanged: number };

type Import = { readonly calendar: Calendar; readonly events: readonly FileEvent[] };

const same = (a: CalendarEvent, b: CalendarEvent) => JSON.stringify(a) === JSON.stringify(b);

/** What an import would write: events whose UID is new to the calendar, or newer or other than what is stored. */
function incoming(workspace: Workspace, { calendar, events }: Import) {
  const records: CalendarEvent[] = [];
  let added = 0;
  for (const event of events) {
    const id = `${calendar.id}/${event.uid}`;
    const stored = workspace.events.get(id);
    // parsed, so that keys stand in one order and equal events are equal as text
    const record = CalendarEvent.parse({ id, calendarId: calendar.id, ...event });
    // an older SEQUENCE never overwrites a newer one (RFC 5546 2.1.5)
    if (stored && (event.sequence < stored.sequence || same(stored, record))) continue;
    if (!stored) added += 1;
    records.push(record);
  }
  return { records, added };
}

/** What importing would do, without doing it. */
export function importCounts(workspace: Workspace, input: Import): ImportCounts {
  const { records, added } = incoming(workspace, input);
  return { added, changed: records.length - added, unchanged: input.events.length - records.length };
}

/** The person's calendar that came from the same source, if there is one. */
export const calendarOfSource = (workspace: Workspace, source: string): Calendar | undefined =>
  workspace.calendars.values().find((calendar) => calendar.source === source);

/** Brings the events of a file into a calendar, matched by UID. The same file again changes nothing. */
export const importCalendar = command('import', (workspace, input: Import) => {
  const { records } = incoming(workspace, input);
  const known = workspace.calendars.has(input.calendar.id);
  if (records.length === 0 && known) return workspace;
  const withCalendar = known ? workspace : put(workspace, 'calendars', input.calendar);
  return put(withCalendar, 'events', ...records);
});

/** Removes a calendar and its events; time spent in its meetings stays on record. */
export const removeCalendar = command('remove calendar', (workspace, { id }: { id: Id }) => {
  existing(workspace.calendars, id, 'calendar');
  const bare = without(workspace, 'events', ({ calendarId }) => calendarId === id);
  return without(bare, 'calendars', (calendar) => calendar.id === id);
});

export const editCalendar = command(
  'edit calendar',
  (workspace, { id, ...changes }: { id: Id; name?: string; hue?: Hue }) =>
    put(workspace, 'calendars', { ...existing(workspace.calendars, id, 'calendar'), ...changes }),
);

export const changeSettings = command('change settings', (workspace, changes: Partial<Settings>) => ({
  ...workspace,
  settings: { ...workspace.settings, ...changes },
}));

/** Puts another workspace in the place of this one, as one step. */
export const replaceEverything = command('replace everything', (_, workspace: Workspace) => workspace);
