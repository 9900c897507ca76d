import { Linking } from 'react-native';
import { joinings, type Joining } from '@/core/calendar/joining';
import { detailsAt, type Occurrence } from '@/core/calendar/occurrences';
import type { Workspace } from '@/core/model/workspace';
import { currentWorkspace, store } from '@/state/workspaceStore';

/** How a meeting is joined, if it can be. */
export function joiningOf({ events }: Workspace, { eventId, recurrence }: Occurrence): Joining | undefined {
  const event = events.get(eventId);
  return event && joinings(detailsAt(event, recurrence))[0];
}

/** Opens what a meeting is joined by; says so where there is nothing. */
export function join(meeting: Occurrence): void {
  const joining = joiningOf(currentWorkspace(), meeting);
  if (joining) void Linking.openURL(joining.uri);
  else store.say(`${meeting.title} tells no address to join it by.`);
}
