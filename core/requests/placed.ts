import { ownCalendars, type CalendarEvent } from '../model/event';
import type { Workspace } from '../model/workspace';

/** Where the event of a UID lies in a calendar of one's own. */
export const eventOfUid = ({ calendars, events }: Workspace, uid: string): CalendarEvent | undefined =>
  ownCalendars(calendars)
    .map(({ id }) => events.get(`${id}/${uid}`))
    .find((event) => event !== undefined);

/** Whether a UID is that of a meeting of one's own, about which nobody else has a say. */
export const isOwnMeeting = (workspace: Workspace, uid: string): boolean =>
  eventOfUid(workspace, uid)?.madeHere === true;
