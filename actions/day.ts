import { boxIntoTask, countOn, markKeystone, writeNote } from '@/core/commands/days';
import { placeTask, putInTray } from '@/core/commands/plan';
import type { Id } from '@/core/model/common';
import type { Block, TrayItem } from '@/core/model/plan';
import { bounds, shortened } from '@/core/model/bounds';
import type { Task } from '@/core/model/task';
import { noteAnew } from '@/core/notes/ties';
import { usualList } from '@/core/tasks/lists';
import { newTask } from '@/core/tasks/newTask';
import { placeThatMoves } from '@/core/plan/carry';
import { taskOf } from '@/core/tasks/places';
import { dateWords, dayWords, durationWords, whenWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { offeringFreed } from './offeringFreed';
import { relocate } from './places';
import { toggledWords } from './tasks';
import { lookAtClock } from './watch';

/** Where something goes that is left: onto an hour (epoch ms, minutes), or into the tray of a day. */
type Goal = { readonly start: number; readonly minutes: number } | { readonly date: string };

/** Gives a place to what is left of a day; what of it moves says `placeThatMoves`. */
export async function carryOver(task: Task, place: Block | TrayItem | undefined, to: Goal): Promise<void> {
  const { now, zone } = here();
  const { settings } = currentWorkspace();
  const today = dateOf(now, zone);
  const where =
    'start' in to
      ? `${whenWords(to.start, today, zone, settings)}, ${durationWords(to.minutes)}`
      : `into the tray of ${dayWords(to.date, today, settings)}`;
  const words = `${task.title}: ${where}`;
  const moves = placeThatMoves(task, place, now);
  if (moves) return relocate(moves, to, words);
  if ('start' in to) store.run(placeTask, { id: newId(), taskId: task.id, ...to }, words);
  else store.run(putInTray, { id: newId(), taskId: task.id, date: to.date }, words);
}

/** Makes a task the one that decides whether a day was good, or takes that back. */
export function chooseKeystone(date: string, taskId: Id | null): boolean {
  const { settings } = currentWorkspace();
  const title = taskId === null ? 'No task' : (taskOf(currentWorkspace(), taskId)?.title ?? 'The task');
  return store.run(
    markKeystone,
    { date, taskId },
    `${title} is the keystone of ${dateWords(date, settings)}`,
  );
}

/** Keeps the note of a day; tasks of boxes that were ticked in it are ticked off with it, or opened again, in one step. */
export function saveNote(date: string, note: string): boolean {
  const { switched } = noteAnew(currentWorkspace(), date, note);
  const [task, ...more] = switched;
  if (!task) return store.run(writeNote, { date, note });
  lookAtClock();
  const { now, zone } = here();
  const words = more.length > 0 ? `${switched.length} tasks were ticked or opened again` : toggledWords(task);
  const when = { at: now, next: { newId, zone } };
  return offeringFreed(() => store.run(writeNote, { date, note, when }, words));
}

/** Makes a task of a box in the note of a day, in its tray. */
export function boxToTask(date: string, text: string): boolean {
  const workspace = currentWorkspace();
  const task = newTask({
    id: newId(),
    title: shortened(text, bounds.title),
    listId: usualList(workspace).id,
    createdAt: here().now,
  });
  return store.run(
    boxIntoTask,
    { date, trayId: newId(), task },
    `${task.title} is a task in the tray of ${dateWords(date, workspace.settings)}`,
  );
}

/** Keeps a number of one's own of a day; null takes it away. */
export function count(date: string, of: Id, value: number | null): boolean {
  const { settings } = currentWorkspace();
  const name = settings.routines.counted.find(({ id }) => id === of)?.name ?? 'A number';
  return store.run(
    countOn,
    { date, of, value },
    `${name}, ${dateWords(date, settings)}: ${value ?? 'nothing'}`,
  );
}
