import type { Cancellation } from '../formats/readCalendar';
import type { CalendarEvent } from '../model/event';
import type { Workspace } from '../model/workspace';
import { command, put } from './command';
import { deleteEvent, isRepeating } from './events';

/** The events that a cancellation is about: those of its UID, in whichever calendar they are. */
const eventsOf = ({ events }: Workspace, { uid }: Cancellation): CalendarEvent[] =>
  events.values().filter((event) => event.uid === uid && !event.cancelled);

/** Which of some cancellations are about something that is in a calendar. */
export const knownCancellations = (workspace: Workspace, cancels: readonly Cancellation[]): Cancellation[] =>
  cancels.filter((each) => eventsOf(workspace, each).length > 0);

/** Calls meetings off, as a message of who invited to them says (RFC 5546 3.2.5): they are kept as cancelled, and take no time. */
export const cancelMeetings = command(
  'cancel meetings',
  (workspace, { cancels }: { cancels: readonly Cancellation[] }) =>
    cancels.reduce(
      (before, cancel) =>
        eventsOf(before, cancel).reduce((now, event) => calledOff(now, event, cancel), before),
      workspace,
    ),
);

function calledOff(
  workspace: Workspace,
  event: CalendarEvent,
  { recurrence, andLater }: Cancellation,
): Workspace {
  if (recurrence === null || !isRepeating(event))
    return put(workspace, 'events', { ...event, cancelled: true, sequence: event.sequence + 1 });
  return deleteEvent.apply(workspace, { id: event.id, recurrence, scope: andLater ? 'later' : 'one' });
}
