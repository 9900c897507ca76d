import { firstRoom } from '@/core/plan/placing';
import { here } from '@/state/here';
import { currentWorkspace } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';

const LENGTH = 60;

/** Opens what adds something, at the first free hour of a day. */
export function addNew(date: string): void {
  const { zone, now } = here();
  const from = firstRoom(currentWorkspace(), date, LENGTH, zone, now);
  openPanel({ kind: 'newEvent', from, minutes: LENGTH });
}
