import {
  changeRepeat,
  deleteRepeating,
  editRepeating,
  moveRepeating,
  repeatTask,
} from '@/core/commands/repeating';
import type { Scope } from '@/core/commands/events';
import { moveBlock, placeTask, putInTray, takeBlockOff, takeFromTray } from '@/core/commands/plan';
import { deleteTask, editTask } from '@/core/commands/tasks';
import { asUtc, asWall } from '@/core/calendar/rule';
import type { WallStart } from '@/core/model/event';
import type { Block, TrayItem } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import type { RepeatingTask } from '@/core/model/repeating';
import { isUntouched, repeatingOf } from '@/core/tasks/repeating';
import { dateOf, wallOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { newId, store, workspaceInSight } from '@/state/workspaceStore';
import { closeSheet, openSheet, useSheets } from '../sheets';
import { scopeWords } from '../time/ScopeChoice';

/** The repeating task that a task is a time of, and at which of its starts. */
function repetition(taskId: string) {
  const { tasks, repeats } = workspaceInSight();
  const task = tasks.get(taskId);
  const repeating = task && repeatingOf(task, repeats);
  return repeating && task.repeats
    ? { task, repeating, repeats, recurrence: task.repeats.recurrence }
    : undefined;
}

/** Goes on showing a time that has come to be called otherwise. */
function goOnShowing(from: string, to: string) {
  const { open } = useSheets.getState();
  if (open?.kind !== 'task' || open.id !== from || from === to || !workspaceInSight().tasks.has(to)) return;
  openSheet({ ...open, id: to, ...(open.blockId ? { blockId: to } : {}) });
}

type Words = Parameters<typeof editRepeating.apply>[1]['words'];

/** Changes a task; of a repeating one, as many of its times as `scope` says. */
export function editTimes(task: Task, scope: Scope, words: Words): boolean {
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

export function deleteTimes(task: Task, scope: Scope): void {
  const found = repetition(task.id);
  const words = `Deleted ${task.title}${scopeWords[scope]}`;
  closeSheet();
  if (scope === 'one' || !found) store.run(deleteTask, { id: task.id, at: session.now() }, words);
  else {
    const { repeating, recurrence } = found;
    store.run(
      deleteRepeating,
      { id: repeating.id, recurrence, scope, newId: newId(), at: session.now() },
      words,
    );
  }
}

/** Lets a task repeat from its place in the plan on, or changes or ends its repeating. */
export function setRule(task: Task, rule: string | null, place: Block | TrayItem | undefined): boolean {
  const found = repetition(task.id);
  if (found) return store.run(changeRepeat, { id: found.repeating.id, rule });
  if (rule === null) return true;
  const start = startOfPlace(place);
  const minutes = (place && 'minutes' in place ? place.minutes : task.estimate) ?? 30;
  const group = place !== undefined && 'holds' in place;
  return store.run(repeatTask, { taskId: task.id, newId: newId(), rule, start, minutes, group });
}

/** The wall start of a place in the plan; without one, today. */
export function startOfPlace(place: Block | TrayItem | undefined): WallStart {
  const { zone, now } = session;
  if (place && 'start' in place) return { wall: wallOf(place.start, zone), zone };
  return { wall: place?.date ?? dateOf(now(), zone), zone: null };
}

/** Where a time stands, told as its repeating task tells its start: with an hour or without. */
function told(place: Block | TrayItem, { start }: RepeatingTask): string {
  const { wall } = startOfPlace(place);
  return wall.length === start.wall.length ? wall : wall.slice(0, 10) + start.wall.slice(10);
}

/** An hour of the plan, or the tray of a day. */
type Goal = { readonly start: number; readonly minutes: number } | { readonly date: string };

/** Moves this and later times of a repeating task, or all, as one of them goes from its place to another. */
function moveMore(taskId: string, place: Block | TrayItem, goal: Goal, scope: Scope, words: string) {
  const found = repetition(taskId);
  if (!found || scope === 'one') return;
  const { repeating, recurrence } = found;
  const id = newId();
  const from = told(place, repeating);
  const to = startOfPlace('start' in goal ? { ...goal, id, taskId } : { ...goal, id, taskId });
  const minutes = 'start' in goal ? goal.minutes : repeating.minutes;
  const own = store.getState().workspace.blocks.get(place.id);
  const block = own && 'start' in goal ? { ...own, start: goal.start, minutes } : undefined;
  const input = { id: repeating.id, recurrence, scope, newId: id, from, to, minutes, block };
  store.run(moveRepeating, input, words + scopeWords[scope]);
  const split = scope === 'later' && recurrence > repeating.start.wall;
  const there = asWall(asUtc(recurrence) + asUtc(to.wall) - asUtc(from), to.wall);
  goOnShowing(taskId, `${split ? id : repeating.id}@${there}`);
}

/** Moves a task from one place of the plan to another; of a repeating one it asks how many of its times go along. */
export function relocate(place: Block | TrayItem, goal: Goal, words: string, then?: () => void): void {
  const { taskId } = place;
  const found = repetition(taskId);
  const one = () => {
    if (moveOne(place, goal, words)) then?.();
  };
  const { tray } = store.getState().workspace;
  const untold = tray.has(place.id) || (found && !isUntouched(found.task, found.repeats) && 'date' in goal);
  if (!found || untold) return one();
  openSheet({
    kind: 'scope',
    title: found.task.title,
    choose: (scope) => (scope === 'one' ? one() : moveMore(taskId, place, goal, scope, words)),
  });
}

/** Takes a task off the plan, or out of a tray; of a repeating one it asks whether its later times, or all, go too. */
export function takeOff(place: Block | TrayItem): void {
  const { id, taskId } = place;
  const found = repetition(taskId);
  const title = workspaceInSight().tasks.get(taskId)?.title ?? 'The task';
  const stays = (from: string) => `${title} is ${from} and stays in its list`;
  const one = () =>
    'start' in place
      ? store.run(takeBlockOff, { id }, stays('off the plan'))
      : store.run(takeFromTray, { id }, stays('out of the tray'));
  if (!found) return void one();
  openSheet({
    kind: 'scope',
    title: `Take off ${title}`,
    choose: (scope) => (scope === 'one' ? one() : deleteTimes(found.task, scope)),
  });
}

function moveOne(place: Block | TrayItem, goal: Goal, words: string): boolean {
  const { id, taskId } = place;
  if ('date' in goal) {
    const from = 'start' in place ? { blockId: id } : { trayId: id };
    return store.run(putInTray, { id: newId(), taskId, date: goal.date, ...from }, words);
  }
  if ('start' in place) return store.run(moveBlock, { id, ...goal }, words);
  return store.run(placeTask, { id: newId(), taskId, ...goal, trayId: id }, words);
}
