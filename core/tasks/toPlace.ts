import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import type { Zone } from '../time/zone';
import { runningTask } from '../track/entries';
import { openOnes } from './openTasks';
import { inOrder } from './order';
import { placedAhead } from './places';

/**
 * Open tasks that need a place, due first: no block ahead, in no tray from `today` on, and not being worked on now.
 */
export function toPlace(workspace: Workspace, today: string, zone: Zone, now: number): Task[] {
  const placed = placedAhead(workspace, today, zone, now);
  const running = runningTask(workspace.entries);
  const waiting = openOnes(workspace, today, zone).filter(({ id }) => id !== running && !placed.has(id));
  return inOrder(waiting, 'due', workspace.events, zone);
}
