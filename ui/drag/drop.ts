import { layAll, placeAll, placeTask, putInTray } from '@/core/commands/plan';
import { holdAll, holdTask } from '@/core/commands/groups';
import { fillOf, heldTasks } from '@/core/plan/group';
import { collisions, DEFAULT_LENGTH, inRow } from '@/core/plan/placing';
import { furtherDays } from '@/core/plan/spanning';
import type { Workspace } from '@/core/model/workspace';
import { lastInstant, latenessWords, meetingNeeding } from '@/core/tasks/deadline';
import { MINUTE } from '@/core/time/span';
import { addDays, dateOf, dayOf } from '@/core/time/zone';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { newId, store, workspaceInSight } from '@/state/workspaceStore';
import { relocate, takeOff } from '../tasks/repeatActions';
import { moveTo, moveToDay } from '../time/eventActions';
import { letGo, useDrag, type Dragged, type Target } from './dragStore';

/** What a target means, before letting go: where, how long, what it collides with, what it makes late. */
export function targetWords(workspace: Workspace, dragged: Dragged, target: Target | null): Meaning {
  if (last?.workspace !== workspace || last.dragged !== dragged || last.target !== target)
    last = { workspace, dragged, target, meaning: meaningOf(workspace, dragged, target) };
  return last.meaning;
}

type Meaning = { readonly where: string; readonly warnings: readonly string[] };

/** The chip and the ghost ask for the same. */
let last: { workspace: Workspace; dragged: Dragged; target: Target | null; meaning: Meaning } | undefined;

function meaningOf(workspace: Workspace, dragged: Dragged, target: Target | null): Meaning {
  const { zone } = session;
  if (!target) return { where: 'Not over a place', warnings: [] };
  if (target.kind === 'off') {
    return {
      where: dragged.block
        ? 'Take off the plan'
        : dragged.trayId
          ? 'Take out of the tray'
          : 'Stay in the list',
      warnings: [],
    };
  }
  if (target.kind === 'days') return { where: daysWords(dragged, target.date), warnings: [] };
  if (target.kind === 'tray') {
    const ids = [dragged.taskId, ...(dragged.more ?? [])];
    const warnings = ids.flatMap((id) => tooLateFor(workspace, id, target.date));
    return { where: `Tray of ${dateWords(target.date)}`, warnings };
  }
  if (target.kind === 'into') return intoWords(workspace, dragged, target.blockId);
  if (dragged.more && dragged.more.length > 0) return rowWords(workspace, dragged, target.start);
  const end = target.start + target.minutes * MINUTE;
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  const met = collisions(
    workspace,
    { from: target.start, to: end },
    zone,
    dragged.block?.id ?? dragged.event?.id,
  );
  const task = workspace.tasks.get(dragged.taskId);
  const late = task ? latenessWords(task, workspace.events, end, zone) : null;
  return {
    where: `${clock(target.start)} – ${clock(end)} · ${durationWords(target.minutes)}`,
    warnings: [
      ...(met.length > 0 ? [`Collides with ${met.join(', ')}`] : []),
      ...(late ? [late.replace(/^e/, 'E')] : []),
    ],
  };
}

/** What a day comes too late for, as a list of one warning or none. */
function tooLateFor({ tasks, events }: Workspace, taskId: string, date: string): string[] {
  const task = tasks.get(taskId);
  if (!task || lastInstant(task, events, session.zone) > dayOf(date, session.zone).from) return [];
  const meeting = meetingNeeding(task, events, session.zone);
  const due = task.due && task.due.date < date ? ['it is due before'] : [];
  const needed =
    meeting && dateOf(meeting.from, session.zone) < date ? [`${meeting.title} needs it before`] : [];
  return [`Too late: ${[...due, ...needed].join(', ') || 'it is due as the day begins'}`];
}

/** The days that an event would take from a day on. */
function daysWords({ event }: Dragged, date: string): string {
  const more = event ? furtherDays(event, session.zone) : 0;
  return more > 0 ? `${dateWords(date)} – ${dateWords(addDays(date, more))}` : dateWords(date);
}

/** What putting a task into a group means: how full it gets, what no longer fits, whether it comes too late. */
function intoWords(workspace: Workspace, { taskId, more = [] }: Dragged, blockId: string) {
  const { blocks, tasks, events } = workspace;
  const block = blocks.get(blockId);
  const task = tasks.get(taskId);
  if (!block || !task) return { where: 'No group', warnings: [] };
  const holds = [...new Set([...(block.holds ?? []), taskId, ...more])];
  const { said, over } = fillOf(block, heldTasks({ ...block, holds }, tasks));
  const late = latenessWords(task, events, block.start + block.minutes * MINUTE, session.zone);
  return {
    where: `Into ${tasks.get(block.taskId)?.title ?? 'the group'}: ${said}`,
    warnings: [over, late && late.replace(/^e/, 'E')].filter((one) => one !== null),
  };
}

/** Lets go of what is dragged: runs the one command that brings it to its target. */
export function drop(): void {
  const { dragged, target } = useDrag.getState();
  letGo();
  if (!dragged || !target) return;
  if (dragged.event || target.kind === 'days') return dropEvent(dragged.event, target);
  if (dragged.more && dragged.more.length > 0 && target.kind !== 'off') return dropSeveral(dragged, target);
  const { taskId, block, trayId } = dragged;
  const workspace = workspaceInSight();
  const title = workspace.tasks.get(taskId)?.title ?? 'The task';
  const place = block ? workspace.blocks.get(block.id) : trayId ? workspace.tray.get(trayId) : undefined;
  if (target.kind === 'off') {
    if (place) takeOff(place);
    return;
  }
  if (target.kind === 'into') {
    const { where } = targetWords(workspace, dragged, target);
    store.run(holdTask, { id: target.blockId, taskId, blockId: block?.id, trayId }, `${title}: ${where}`);
    return;
  }
  if (target.kind === 'tray') {
    const words = `${title} is in the tray of ${dateWords(target.date)}`;
    if (place) relocate(place, { date: target.date }, words);
    else store.run(putInTray, { id: newId(), taskId, date: target.date }, words);
    return;
  }
  const { start, minutes } = target;
  const words = `${title}: ${dateWords(dateOf(start, session.zone))}, ${targetWords(workspace, dragged, target).where}`;
  if (block && start === block.start && minutes === dragged.minutes) return focusBlock(block.id);
  const id = newId();
  if (block && place) relocate(place, { start, minutes }, words, () => focusBlock(block.id));
  else if (place) relocate(place, { start, minutes }, words);
  else if (store.run(placeTask, { id, taskId, start, minutes }, words)) focusBlock(id);
}

function dropEvent(event: Dragged['event'], target: Target) {
  if (event && target.kind === 'hour') moveTo(event, target.start, target.minutes);
  if (event && target.kind === 'days') moveToDay(event, target.date);
}

/** Lets go of several tasks: one after the other from an hour, all into a tray or into a group. */
function dropSeveral(dragged: Dragged, target: Exclude<Target, { kind: 'off' | 'days' }>) {
  const ids = [dragged.taskId, ...(dragged.more ?? [])];
  const words = `${ids.length} tasks: ${targetWords(workspaceInSight(), dragged, target).where}`;
  if (target.kind === 'tray') {
    const items = ids.map((taskId) => ({ id: newId(), taskId, date: target.date }));
    store.run(layAll, { items }, words);
  } else if (target.kind === 'into') {
    store.run(holdAll, { held: ids.map((taskId) => ({ id: target.blockId, taskId })) }, words);
  } else {
    const places = rowOf(workspaceInSight(), dragged, target.start);
    store.run(placeAll, { places: places.map((one) => ({ id: newId(), ...one })) }, words);
  }
  dragged.then?.();
}

/** Where the tasks that are dragged together go, from an hour on. */
const rowOf = (workspace: Workspace, { taskId, more = [] }: Dragged, start: number) =>
  inRow(
    workspace,
    [taskId, ...more].map((id) => ({
      taskId: id,
      minutes: workspace.tasks.get(id)?.estimate ?? DEFAULT_LENGTH,
    })),
    start,
    session.zone,
  );

/** What letting several tasks go at an hour means. */
function rowWords(workspace: Workspace, dragged: Dragged, start: number) {
  const row = rowOf(workspace, dragged, start);
  const [first] = row;
  const last = row.at(-1);
  const { clock } = workspace.settings;
  const at = (instant: number) => clockWords(instant, session.zone, clock);
  const late = row.flatMap(({ taskId, start: from, minutes }) => {
    const task = workspace.tasks.get(taskId);
    const words = task && latenessWords(task, workspace.events, from + minutes * MINUTE, session.zone);
    return words ? [`${task.title} ${words}`] : [];
  });
  const end = last ? last.start + last.minutes * MINUTE : start;
  return { where: `${row.length} tasks, ${at(first?.start ?? start)} – ${at(end)}`, warnings: late };
}

/** The DOM id of a block's card. */
export const blockElementId = (id: string) => `block-${id}`;

/** Moves the keyboard to a block that has just been placed. */
function focusBlock(id: string) {
  requestAnimationFrame(() => document.getElementById(blockElementId(id))?.focus({ preventScroll: true }));
}
