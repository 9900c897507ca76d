import { takesTime, type CalendarEvent } from '../model/event';
import type { Workspace } from '../model/workspace';

/** Where the event of a UID lies in a calendar that takes one's own time. */
export const eventOfUid = ({ calendars, events }: Workspace, uid: string): CalendarEvent | undefined =>
  calendars
    .values()
    .filter(takesTime)
    .map(({ id }) => events.get(`${id}/${uid}`))
    .find((event) => event !== undefined);
