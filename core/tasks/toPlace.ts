import { rememberedWhile } from '../model/remember';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { runningTask } from '../track/entries';
import { isHidden } from './inbox';
import { openOnes } from './openTasks';
import { inOrder } from './order';
import { isWhole } from './parts';
import { placedAhead } from './places';

/**
 * Open tasks that need a place, due first: no block ahead, in no tray from `today` on, not being worked on now, not out of
 * sight until later, and not broken into parts that are open.
 * Worked out once a minute for all that show them.
 */
export const toPlace = (workspace: Workspace, today: IsoDate, zone: Zone, now: number): Task[] =>
  atMinute(workspace, today, zone, Math.floor(now / MINUTE) * MINUTE);

/** More is never asked at once: the present minute, and that of what is still drawn of the last one. */
const MINUTES_KEPT = 4;

const atMinute = rememberedWhile(
  (_: Workspace, today: IsoDate, zone: Zone, now: number) => `${today} ${zone} ${now}`,
  ({ tasks, blocks, tray, repeats, events, entries }) => [
    ...[tasks, blocks, tray, repeats, events],
    runningTask(entries),
  ],
  (workspace, today, zone, now): Task[] => {
    const placed = placedAhead(workspace, today, zone, now);
    const running = runningTask(workspace.entries);
    const waiting = openOnes(workspace, today, zone).filter(
      (task) =>
        task.id !== running &&
        !placed.has(task.id) &&
        !isHidden(task, zone, now) &&
        !isWhole(workspace, task.id),
    );
    return inOrder(waiting, 'due', workspace.events, zone);
  },
  MINUTES_KEPT,
);
