import { asUtc } from '@/core/calendar/rule';
import { movedWall } from '@/core/calendar/recurring';
import type { Scope } from '@/core/commands/events';
import { moveBlock, placeTask, putInTray, takeBlockOff, takeFromTray } from '@/core/commands/plan';
import { moveRepeating } from '@/core/commands/repeating';
import type { Block, TrayItem } from '@/core/model/plan';
import type { RepeatingTask } from '@/core/model/repeating';
import { taskOf } from '@/core/tasks/places';
import { isUntouched } from '@/core/tasks/repeating';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { deleteTimes, goOnShowing, repetition, startOfPlace } from './repeats';
import { askScope, scopeWords } from './scopes';

/** Where a time stands, as wall time in the form of its repeating task's start: with an hour or without. */
function wallOfPlace(place: Block | TrayItem, { start }: RepeatingTask): string {
  const { wall } = startOfPlace(place);
  return wall.length === start.wall.length ? wall : wall.slice(0, 10) + start.wall.slice(10);
}

/** An hour of the plan, or the tray of a day. */
type Goal = { readonly start: number; readonly minutes: number } | { readonly date: string };

/** Moves this and later times of a repeating task, or all, as one of them goes from its place to another. */
function moveMore(
  taskId: string,
  place: Block | TrayItem,
  goal: Goal,
  scope: Exclude<Scope, 'one'>,
  words: string,
) {
  const found = repetition(taskId);
  if (!found) return;
  const { repeating, recurrence } = found;
  const id = newId();
  const from = wallOfPlace(place, repeating);
  const to = startOfPlace('start' in goal ? { ...goal, id, taskId } : { ...goal, id, taskId });
  const minutes = 'start' in goal ? goal.minutes : repeating.minutes;
  const own = currentWorkspace().blocks.get(place.id);
  const block = own && 'start' in goal ? { ...own, start: goal.start, minutes } : undefined;
  const input = { id: repeating.id, recurrence, scope, newId: id, from, to, minutes, block };
  store.run(moveRepeating, input, words + scopeWords[scope]);
  const split = scope === 'later' && recurrence > repeating.start.wall;
  const there = movedWall(recurrence, asUtc(to.wall) - asUtc(from), to.wall);
  goOnShowing(taskId, `${split ? id : repeating.id}@${there}`);
}

/** Moves a task from one place of the plan to another; of a repeating one it asks how many of its times go along. */
export async function relocate(
  place: Block | TrayItem,
  goal: Goal,
  words: string,
  then?: () => void,
): Promise<void> {
  const { taskId } = place;
  const found = repetition(taskId);
  const { tray } = currentWorkspace();
  // a time that was taken out of its rule goes alone
  const alone = tray.has(place.id) || (found && !isUntouched(found.task, found.repeats) && 'date' in goal);
  const scope = found && !alone ? await askScope(found.task.title) : 'one';
  if (scope === 'one') {
    if (moveOne(place, goal, words)) then?.();
  } else if (scope) moveMore(taskId, place, goal, scope, words);
}

/** Takes a task off the plan, or out of a tray; of a repeating one it asks whether its later times, or all, go too. */
export async function takeOff(place: Block | TrayItem): Promise<void> {
  const { id, taskId } = place;
  const found = repetition(taskId);
  const title = taskOf(currentWorkspace(), taskId)?.title ?? 'The task';
  const scope = found ? await askScope(`Take off ${title}`) : 'one';
  if (scope !== 'one') {
    if (found && scope) deleteTimes(found.task, scope);
  } else if ('start' in place)
    store.run(takeBlockOff, { id }, `${title} is off the plan and stays in its list`);
  else store.run(takeFromTray, { id }, `${title} is out of the tray and stays in its list`);
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
