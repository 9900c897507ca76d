import type { Due, Task } from '../model/task';
import { MINUTE } from '../time/span';
import { addDays, instantOf, type Zone } from '../time/zone';

/** The instant by which a task is due: its hour, or the end of its day. */
export const deadlineOf = (due: Due, zone: Zone): number =>
  due.time ? instantOf(`${due.date}T${due.time}`, zone) : instantOf(addDays(due.date, 1), zone);

/** Whether an open task is past its due time. */
export const isOverdue = (task: Task, zone: Zone, now: number): boolean =>
  task.doneAt === null && task.due !== null && deadlineOf(task.due, zone) <= now;

/** Minutes by which something that ends at `end` comes too late for the task; 0 when it is in time or nothing is due. */
export function minutesLate(task: Task, end: number, zone: Zone): number {
  if (!task.due) return 0;
  return Math.max(0, Math.round((end - deadlineOf(task.due, zone)) / MINUTE));
}
