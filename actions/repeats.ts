import type { Scope } from '@/core/commands/events';
import { changeRepeat, deleteRepeating, editRepeating, repeatTask } from '@/core/commands/repeating';
import { deleteTask, editTask, type TaskWords } from '@/core/commands/tasks';
import type { WallStart } from '@/core/model/event';
import type { Block, TrayItem } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { lengthOfTask } from '@/core/tasks/newTask';
import { taskOf } from '@/core/tasks/places';
import { repeatingOf } from '@/core/tasks/repeating';
import { dateOf, wallOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { closePanel, openPanel, usePanels } from '@/ui/panels';
import { scopeWords } from './scopes';

/** The repeating task that a task is a time of, and at which of its starts. */
export function repetition(taskId: string) {
  const workspace = currentWorkspace();
  const task = taskOf(workspace, taskId);
  const repeating = task && repeatingOf(task, workspace.repeats);
  return repeating && task.repeats
    ? { task, repeating, repeats: workspace.repeats, recurrence: task.repeats.recurrence }
    : undefined;
}

/** Goes on showing a time that has come to be called otherwise. */
export function goOnShowing(from: string, to: string): void {
  const { shown } = usePanels.getState();
  if (shown?.kind !== 'task' || shown.id !== from || from === to || !taskOf(currentWorkspace(), to)) return;
  openPanel({ ...shown, id: to, ...(shown.blockId ? { blockId: to } : {}) });
}

/** Changes a task; of a repeating one, as many of its times as `scope` says. */
export function editTimes(task: Task, scope: Scope, words: TaskWords): boolean {
  const found = repetition(task.id);
  if (scope === 'one' || !found) return store.run(editTask, { id: task.id, ...words });
  const { repeating, recurrence } = found;
  const id = newId();
  const input = { id: repeating.id, recurrence, scope, newId: id, words };
  if (!store.run(editRepeating, input, `${words.title ?? task.title} changed${scopeWords[scope]}`))
    return false;
  goOnShowing(task.id, `${id}@${recurrence}`);
  return true;
}

/** Deletes a task; of a repeating one, as many of its times as `scope` says. */
export function deleteTimes(task: Task, scope: Scope): void {
  const found = repetition(task.id);
  const words = `Deleted ${task.title}${scopeWords[scope]}`;
  const at = here().now;
  closePanel();
  if (scope === 'one' || !found) store.run(deleteTask, { id: task.id, at }, words);
  else {
    const { repeating, recurrence } = found;
    store.run(deleteRepeating, { id: repeating.id, recurrence, scope, newId: newId(), at }, words);
  }
}

/** Lets a task repeat from its place in the plan on, or changes or ends its repeating. */
export function setRule(task: Task, rule: string | null, place: Block | TrayItem | undefined): boolean {
  const found = repetition(task.id);
  if (found) return store.run(changeRepeat, { id: found.repeating.id, rule });
  if (rule === null) return true;
  const start = startOfPlace(place);
  const minutes = place && 'minutes' in place ? place.minutes : lengthOfTask(task);
  const group = place !== undefined && 'holds' in place;
  return store.run(repeatTask, { taskId: task.id, newId: newId(), rule, start, minutes, group });
}

/** The wall start of a place in the plan; without one, today. */
export function startOfPlace(place: Block | TrayItem | undefined): WallStart {
  const { zone, now } = here();
  if (place && 'start' in place) return { wall: wallOf(place.start, zone), zone };
  return { wall: place?.date ?? dateOf(now, zone), zone: null };
}
