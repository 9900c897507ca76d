import type { Id } from '../model/common';
import type { Calendar } from '../model/event';
import type { Settings } from '../model/settings';
import { command, existing, forget, put } from './command';

/** Adds a calendar for events of one's own, or the times of another person. */
export const addCalendar = command('add calendar', (workspace, calendar: Calendar) =>
  put(workspace, 'calendars', calendar),
);

/** Removes a calendar and its events; time spent in its meetings stays on record. */
export const removeCalendar = command('remove calendar', (workspace, { id }: { id: Id }) => {
  existing(workspace.calendars, id, 'calendar');
  return forget(workspace, 'calendars', [id]);
});

type CalendarChanges = Partial<Pick<Calendar, 'name' | 'hue' | 'hidden' | 'around' | 'takesTime' | 'hours'>>;

export const editCalendar = command(
  'edit calendar',
  (workspace, { id, ...changes }: { id: Id } & CalendarChanges) =>
    put(workspace, 'calendars', { ...existing(workspace.calendars, id, 'calendar'), ...changes }),
);

export const changeSettings = command('change settings', (workspace, changes: Partial<Settings>) => ({
  ...workspace,
  settings: { ...workspace.settings, ...changes },
}));
