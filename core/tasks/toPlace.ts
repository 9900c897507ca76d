import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { runningEntry } from '../plan/dayPlan';
import { MINUTE } from '../time/span';
import type { Zone } from '../time/zone';
import { inOrder } from './order';
import { openOnes } from './repeating';

/**
 * Open tasks that need a place, due first: no block ahead, in no tray from `today` on, and not being worked on now.
 */
export function toPlace(workspace: Workspace, today: string, zone: Zone, now: number): Task[] {
  const { blocks, tray } = workspace;
  const running = runningEntry(workspace.entries)?.subject;
  const placed = new Set([
    running?.kind === 'task' ? running.taskId : '',
    ...blocks
      .values()
      .filter(({ start, minutes }) => start + minutes * MINUTE > now)
      .flatMap(({ taskId, holds = [] }) => [taskId, ...holds]),
    ...tray
      .values()
      .filter(({ date }) => date >= today)
      .map(({ taskId }) => taskId),
  ]);
  return inOrder(
    openOnes(workspace, today, zone).filter(({ id }) => !placed.has(id)),
    'due',
    workspace.events,
    zone,
  );
}
