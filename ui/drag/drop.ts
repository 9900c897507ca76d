import {
  moveBlock,
  placeTask,
  putInTray,
  resizeBlock,
  takeBlockOff,
  takeFromTray,
} from '@/core/commands/plan';
import { collisions } from '@/core/plan/placing';
import type { Workspace } from '@/core/model/workspace';
import { latenessWords } from '@/core/tasks/deadline';
import { MINUTE } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { newId, store } from '@/state/workspaceStore';
import { moveTo } from '../time/eventActions';
import { letGo, useDrag, type Dragged, type Target } from './dragStore';

/** What a target means, before letting go: where, how long, what it collides with, what it makes late. */
export function targetWords(workspace: Workspace, dragged: Dragged, target: Target | null) {
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
  if (target.kind === 'tray') return { where: `Tray of ${dateWords(target.date)}`, warnings: [] };
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

/** Lets go of what is dragged: runs the one command that brings it to its target. */
export function drop(): void {
  const { dragged, target } = useDrag.getState();
  letGo();
  if (!dragged || !target) return;
  if (dragged.event) {
    if (target.kind === 'hour') moveTo(dragged.event, target.start, target.minutes);
    return;
  }
  const { taskId, block, trayId } = dragged;
  const { workspace } = store.getState();
  const title = workspace.tasks.get(taskId)?.title ?? 'The task';
  if (target.kind === 'off') {
    if (block) store.run(takeBlockOff, { id: block.id }, `${title} is off the plan and stays in its list`);
    else if (trayId)
      store.run(takeFromTray, { id: trayId }, `${title} is out of the tray and stays in its list`);
  } else if (target.kind === 'tray') {
    store.run(
      putInTray,
      { id: newId(), taskId, date: target.date, blockId: block?.id, trayId },
      `${title} is in the tray of ${dateWords(target.date)}`,
    );
  } else {
    dropOnHour(
      dragged,
      target,
      `${title}: ${dateWords(dateOf(target.start, session.zone))}, ${targetWords(workspace, dragged, target).where}`,
    );
  }
}

function dropOnHour(
  { kind, taskId, block, trayId, minutes }: Dragged,
  target: Extract<Target, { kind: 'hour' }>,
  words: string,
) {
  if (!block) {
    const id = newId();
    if (store.run(placeTask, { id, taskId, start: target.start, minutes: target.minutes, trayId }, words))
      focusBlock(id);
  } else if (kind === 'resize') {
    if (target.minutes !== minutes) store.run(resizeBlock, { id: block.id, minutes: target.minutes }, words);
  } else {
    const moved = target.start !== block.start || target.minutes !== minutes;
    if (moved) store.run(moveBlock, { id: block.id, start: target.start, minutes: target.minutes }, words);
    focusBlock(block.id);
  }
}

/** The DOM id of a block's card. */
export const blockElementId = (id: string) => `block-${id}`;

/** Moves the keyboard to a block that has just been placed. */
function focusBlock(id: string) {
  requestAnimationFrame(() => document.getElementById(blockElementId(id))?.focus({ preventScroll: true }));
}
