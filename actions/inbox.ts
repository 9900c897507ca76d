import type { PastedStep } from '@/core/capture/pasted';
import {
  breakDown,
  bringBack,
  clarify,
  hideUntil,
  park,
  putOff,
  takeUp,
  type Part,
  type Said,
} from '@/core/commands/clarify';
import { deleteAll, editAll, tickOffAll } from '@/core/commands/several';
import type { Id } from '@/core/model/common';
import type { Due, Step, Task } from '@/core/model/task';
import { taskOf } from '@/core/tasks/places';
import { dueText } from '@/core/tasks/dueWords';
import { dateWords, dayMonthWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { offeringFreed } from './offeringFreed';

/** Some tasks by what they are called: the title of one, how many there are of more. */
function called(ids: readonly Id[]): string {
  const [id = ''] = ids;
  return ids.length === 1 ? (taskOf(currentWorkspace(), id)?.title ?? 'The task') : `${ids.length} tasks`;
}

const are = (ids: readonly Id[]) => (ids.length === 1 ? 'is' : 'are');

/** Takes a task out of the inbox with what was said about it; `date` puts it into the tray of that day. */
export const decide = (task: Task, said: Said, date: string | null, words: string): boolean =>
  store.run(clarify, { id: task.id, said, lay: date === null ? null : { trayId: newId(), date } }, words);

/** Parks tasks until a day, or for as long as nobody takes them up (null). */
export function parkTasks(ids: readonly Id[], until: string | null): boolean {
  const back =
    until === null ? '' : `, for another look from ${dayMonthWords(until, currentWorkspace().settings)} on`;
  return store.run(park, { ids, until, ...here() }, `${called(ids)} ${are(ids)} parked${back}`);
}

export const takeUpTasks = (ids: readonly Id[]): boolean =>
  store.run(takeUp, { ids }, `${called(ids)} ${are(ids)} taken up again`);

export const showAgain = ({ id, title }: Task): boolean => store.run(bringBack, { id }, `${title} is back`);

/** Puts tasks off to the tray of a day, or onto its hours. */
export const putOffTo = (ids: readonly Id[], to: Due): boolean =>
  store.run(
    putOff,
    { ids, to, newIds: ids.map(newId), ...here() },
    `${called(ids)}: put off to ${dueText(to, currentWorkspace().settings)}`,
  );

/** Hides tasks, off the plan, until a day or an hour of it. */
export const hide = (ids: readonly Id[], until: Due): boolean =>
  store.run(
    hideUntil,
    { ids, until, ...here() },
    `${called(ids)} ${are(ids)} out of sight until ${dueText(until, currentWorkspace().settings)}`,
  );

/** Says the same of several tasks, and puts them into the tray of a day if one is given. */
export const sayOfAll = (ids: readonly Id[], said: Said, date: string | null): boolean =>
  store.run(
    editAll,
    { ids, said, lay: date === null ? null : { date, newIds: ids.map(newId) } },
    `Changed ${called(ids)}${date === null ? '' : `, into the tray of ${dateWords(date, currentWorkspace().settings)}`}`,
  );

export function tickAll(ids: readonly Id[]): boolean {
  const input = { ids, at: here().now, next: { newId, zone: here().zone } };
  return offeringFreed(() => store.run(tickOffAll, input, `${called(ids)} ${are(ids)} done`));
}

export const removeAll = (ids: readonly Id[]): boolean =>
  store.run(deleteAll, { ids, at: here().now }, `Deleted ${called(ids)}`);

/** Breaks a task into parts; `left` are the steps that stay with it. */
export const intoParts = (task: Task, parts: readonly Omit<Part, 'id'>[], left: readonly Step[]): boolean =>
  store.run(
    breakDown,
    { id: task.id, parts: parts.map((part) => ({ ...part, id: newId() })), steps: left, at: here().now },
    `${task.title}: broken into ${parts.length} parts`,
  );

/** Typed lines as new steps. */
export const stepsOf = (titles: readonly string[]): Step[] =>
  titles.map((title) => ({ id: newId(), title, doneAt: null, estimate: null }));

/** Pasted lines as steps, those that were ticked as done by now. */
export const stepsOfPasted = (steps: readonly PastedStep[]): Step[] =>
  steps.map(({ title, done, estimate }) => ({
    id: newId(),
    title,
    doneAt: done ? here().now : null,
    estimate,
  }));
