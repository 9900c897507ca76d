import { rememberedWhile } from '../model/remember';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import type { IsoDate, Zone } from '../time/zone';
import { runningTask } from '../track/entries';
import { openOnes } from './openTasks';
import { inOrder } from './order';
import { placedAhead } from './places';

/**
 * Open tasks that need a place, due first: no block ahead, in no tray from `today` on, and not being worked on now.
 * Worked out once for all that show them.
 */
export const toPlace = rememberedWhile(
  (_: Workspace, today: IsoDate, zone: Zone, now: number) => `${today} ${zone} ${now}`,
  ({ tasks, blocks, tray, repeats, events, entries }) => [
    ...[tasks, blocks, tray, repeats, events],
    runningTask(entries),
  ],
  (workspace, today, zone, now): Task[] => {
    const placed = placedAhead(workspace, today, zone, now);
    const running = runningTask(workspace.entries);
    const waiting = openOnes(workspace, today, zone).filter(({ id }) => id !== running && !placed.has(id));
    return inOrder(waiting, 'due', workspace.events, zone);
  },
);
