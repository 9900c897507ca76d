import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import type { Zone } from '../time/zone';
import { inOrder } from './order';

/** Open tasks that have no block ahead and lie in no tray from `today` on: those that need a place, due first. */
export function toPlace(workspace: Workspace, today: string, zone: Zone, now: number): Task[] {
  const { tasks, blocks, tray } = workspace;
  const placed = new Set([
    ...Object.values(blocks).filter(({ start, minutes }) => start + minutes * MINUTE > now).map(({ taskId }) => taskId),
    ...Object.values(tray).filter(({ date }) => date >= today).map(({ taskId }) => taskId),
  ]);
  return inOrder(Object.values(tasks).filter(({ id, doneAt }) => doneAt === null && !placed.has(id)), 'due', zone);
}
