import { Linking } from 'react-native';
import { joiningOf } from '@/core/calendar/joining';
import type { Occurrence } from '@/core/calendar/occurrences';
import { currentWorkspace, store } from '@/state/workspaceStore';

/** Opens what a meeting is joined by; says so where there is nothing. */
export function join(meeting: Occurrence): void {
  const joining = joiningOf(currentWorkspace(), meeting);
  if (joining) void Linking.openURL(joining.uri);
  else store.say(`${meeting.title} tells no address to join it by.`);
}
