import { moveTo, moveToDay } from '@/actions/events';
import { relocate, takeOff } from '@/actions/places';
import { holdAll, holdTask } from '@/core/commands/groups';
import { fileAll } from '@/core/commands/several';
import { layAll, placeAll, placeTask, putInTray } from '@/core/commands/plan';
import type { Id } from '@/core/model/common';
import { blockOf, taskOf, trayItemOf } from '@/core/tasks/places';
import { dateWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { atOnce } from '@/state/shown';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { letGo, placeOf, useDrag, type Dragged, type FileTarget, type Target } from './dragStore';
import { meaningOf, rowOf } from './meaning';

/** Lets go of what is dragged: runs the one command that brings it to its target. */
export function drop(): void {
  const { dragged, target } = useDrag.getState();
  // it lies where it was let go before what was carried goes away
  if (dragged && target) atOnce(() => bring(dragged, target));
  letGo();
}

function bring(dragged: Dragged, target: Target): void {
  if (dragged.kind === 'event') return dropEvent(dragged, target);
  if (target.kind === 'days') return;
  if (target.kind === 'off') {
    const place = placeNow(dragged);
    if (place) void takeOff(place);
    return;
  }
  if (target.kind === 'file') return fileAway(dragged, target);
  if (dragged.kind === 'task' && dragged.tasks.length > 1) return dropSeveral(dragged, target);
  dropOne(dragged, target);
}

type Goal = Exclude<Target, { kind: 'off' | 'days' | 'file' }>;
type OfTask = Exclude<Dragged, { kind: 'event' }>;

function dropEvent({ event }: Extract<Dragged, { kind: 'event' }>, target: Target) {
  if (target.kind === 'hours') moveTo(event, target.start, target.minutes);
  if (target.kind === 'days') moveToDay(event, target.date);
}

/** Says of what list or category tasks are that have no place yet. */
function fileAway(dragged: OfTask, target: FileTarget) {
  const workspace = currentWorkspace();
  const name = workspace[target.into].get(target.id)?.name ?? '';
  const [first = '', ...more] = dragged.tasks;
  const what =
    more.length > 0 ? `${dragged.tasks.length} tasks` : (taskOf(workspace, first)?.title ?? 'The task');
  const said = target.into === 'lists' ? { listId: target.id } : { categoryName: name };
  if (!store.run(fileAll, { ids: dragged.tasks, said }, `${what}: ${name}`)) return;
  if (dragged.kind === 'task') dragged.then?.();
}

/** Where in the plan it comes from, as it stands now. */
function placeNow(dragged: Dragged) {
  const place = placeOf(dragged);
  if (!place) return undefined;
  return 'start' in place ? blockOf(currentWorkspace(), place.id) : trayItemOf(currentWorkspace(), place.id);
}

function dropOne(dragged: OfTask, target: Goal) {
  const [taskId = ''] = dragged.tasks;
  const workspace = currentWorkspace();
  const title = taskOf(workspace, taskId)?.title ?? 'The task';
  const { where } = meaningOf(workspace, dragged, target);
  const place = placeNow(dragged);
  if (target.kind === 'group') {
    const from = place && ('start' in place ? { blockId: place.id } : { trayId: place.id });
    store.run(holdTask, { id: target.blockId, taskId, ...from }, `${title}: ${where}`);
  } else if (target.kind === 'tray') {
    const words = `${title} is in the tray of ${dateWords(target.date, workspace.settings)}`;
    if (place) void relocate(place, { date: target.date }, words);
    else store.run(putInTray, { id: newId(), taskId, date: target.date }, words);
  } else {
    const day = dateWords(dateOf(target.start, here().zone), workspace.settings);
    dropOnHours(dragged, taskId, target, `${title}: ${day}, ${where}`);
  }
}

function dropOnHours(
  dragged: OfTask,
  taskId: Id,
  { start, minutes }: Extract<Goal, { kind: 'hours' }>,
  words: string,
) {
  const place = placeNow(dragged);
  const id = newId();
  if (place && 'start' in place) {
    const focus = () => focusBlock(place.id);
    if (start === place.start && minutes === place.minutes) focus();
    else void relocate(place, { start, minutes }, words, focus);
  } else if (place) void relocate(place, { start, minutes }, words);
  else if (store.run(placeTask, { id, taskId, start, minutes }, words)) focusBlock(id);
}

/** Lets go of several tasks: one after the other from an hour, all into a tray or into a group. */
function dropSeveral(dragged: Extract<Dragged, { kind: 'task' }>, target: Goal) {
  const ids = dragged.tasks;
  const workspace = currentWorkspace();
  const words = `${ids.length} tasks: ${meaningOf(workspace, dragged, target).where}`;
  if (target.kind === 'tray') {
    const items = ids.map((taskId) => ({ id: newId(), taskId, date: target.date }));
    store.run(layAll, { items }, words);
  } else if (target.kind === 'group') {
    store.run(holdAll, { held: ids.map((taskId) => ({ id: target.blockId, taskId })) }, words);
  } else {
    const places = rowOf(workspace, dragged, target.start, here().zone);
    store.run(placeAll, { places: places.map((place) => ({ id: newId(), ...place })) }, words);
  }
  dragged.then?.();
}

/** The DOM id of the card of a block or an event. */
export const cardId = (id: string) => `card-${id}`;

/** Moves the keyboard to a block that has just been placed. */
function focusBlock(id: string) {
  requestAnimationFrame(() => document.getElementById(cardId(id))?.focus({ preventScroll: true }));
}
