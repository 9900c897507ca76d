import { join } from '@/actions/joining';
import { joiningOf } from '@/core/calendar/joining';
import type { Occurrence } from '@/core/calendar/occurrences';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';

/** Joins a meeting, where it tells how; `small` where there is room for an icon only. */
export function JoinButton({ meeting, small = false }: { meeting: Occurrence; small?: boolean }) {
  if (!joiningOf(useWorkspace(), meeting)) return null;
  const says = `Join ${meeting.title}`;
  const press = () => join(meeting);
  return small ? (
    <IconButton label={says} icon="join" colour="pine" onPress={press} />
  ) : (
    <Button label="Join" says={says} icon="join" onPress={press} />
  );
}
