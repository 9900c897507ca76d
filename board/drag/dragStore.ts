import { create } from 'zustand';
import type { Occurrence } from '@/core/calendar/occurrences';
import type { Id } from '@/core/model/common';
import type { Block, TrayItem } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { takesDays } from '@/core/plan/spanning';
import { lengthOfTask } from '@/core/tasks/newTask';
import { lengthOf } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';

/** What is being dragged: to another place, or by its lower edge to another length. */
export type Dragged =
  /** A task that has no place yet; others may go along, and come after it. */
  | {
      readonly kind: 'task';
      readonly taskId: Id;
      readonly minutes: number;
      readonly more?: readonly Id[];
      /** What is to be done after they were let go. */
      readonly then?: () => void;
    }
  | { readonly kind: 'tray'; readonly item: TrayItem; readonly minutes: number }
  | { readonly kind: 'block'; readonly how: 'move' | 'resize'; readonly block: Block }
  | { readonly kind: 'event'; readonly how: 'move' | 'resize'; readonly event: Occurrence };

/** A task on its way to a place, others with it. */
export const movingTask = (
  task: Task,
  others: { readonly more?: readonly Id[]; readonly then?: () => void } = {},
): Dragged => ({ kind: 'task', taskId: task.id, minutes: lengthOfTask(task), ...others });

export const movingTrayItem = (item: TrayItem, task: Task | undefined): Dragged => ({
  kind: 'tray',
  item,
  minutes: lengthOfTask(task ?? { estimate: null }),
});

export const movingEvent = (event: Occurrence): Dragged => ({ kind: 'event', how: 'move', event });

export const movingBlock = (block: Block): Dragged => ({ kind: 'block', how: 'move', block });

/** The same thing held by its lower edge; what has no hours has none. */
export const resizing = (dragged: Dragged): Dragged =>
  'how' in dragged ? { ...dragged, how: 'resize' } : dragged;

export const isResizing = (dragged: Dragged): boolean => 'how' in dragged && dragged.how === 'resize';

/** What it is called by in the store, which tells it from all others. */
export function idOf(dragged: Dragged): string {
  switch (dragged.kind) {
    case 'task':
      return `task ${dragged.taskId}`;
    case 'tray':
      return `tray ${dragged.item.id}`;
    case 'block':
      return `block ${dragged.block.id}`;
    case 'event':
      return `event ${dragged.event.id}`;
  }
}

/** The tasks that are dragged, the one in hand first; none when it is an event. */
export function tasksOf(dragged: Dragged): readonly Id[] {
  switch (dragged.kind) {
    case 'task':
      return [dragged.taskId, ...(dragged.more ?? [])];
    case 'tray':
      return [dragged.item.taskId];
    case 'block':
      return [dragged.block.taskId];
    case 'event':
      return [];
  }
}

/** How long it is, in minutes. */
export function minutesOf(dragged: Dragged): number {
  if (dragged.kind === 'block') return dragged.block.minutes;
  return dragged.kind === 'event' ? Math.max(1, Math.round(lengthOf(dragged.event))) : dragged.minutes;
}

/** When what is dragged began (epoch ms), if it has an hour yet. */
export function startOf(dragged: Dragged): number | undefined {
  if (dragged.kind === 'block') return dragged.block.start;
  return dragged.kind === 'event' ? dragged.event.from : undefined;
}

/** Where in the plan it comes from, if it has a place there. */
export function placeOf(dragged: Dragged): Block | TrayItem | undefined {
  if (dragged.kind === 'block') return dragged.block;
  return dragged.kind === 'tray' ? dragged.item : undefined;
}

/** The event that is dragged, if it takes whole days and goes from day to day without an hour. */
export const wholeDays = (dragged: Dragged): Occurrence | undefined =>
  dragged.kind === 'event' && takesDays(dragged.event) ? dragged.event : undefined;

/** Whether what is dragged may lie in a tray: all but events, and a block whose length alone changes. */
export const mayLieInTray = ({ dragged }: DragState): boolean =>
  dragged !== null && dragged.kind !== 'event' && !isResizing(dragged);

/** Whether what is dragged would go into the tray of a day. */
export const aimsAtTray = ({ target }: DragState, date: string): boolean =>
  target?.kind === 'tray' && target.date === date;

/** Whether what is dragged would go onto a day, into its tray or else. */
export const aimsAtDay = ({ target }: DragState, date: string): boolean =>
  target !== null &&
  ('date' in target ? target.date === date : 'start' in target && dateOf(target.start, here().zone) === date);

/** Where it would go if it were let go now. */
export type Target =
  | { readonly kind: 'hours'; readonly start: number; readonly minutes: number }
  | { readonly kind: 'tray'; readonly date: string }
  /** An event of whole days, from this day on. */
  | { readonly kind: 'days'; readonly date: string }
  | { readonly kind: 'group'; readonly blockId: Id }
  | { readonly kind: 'off' };

type DragState = {
  readonly dragged: Dragged | null;
  readonly target: Target | null;
  readonly by: 'pointer' | 'keys';
};

const idle: DragState = { dragged: null, target: null, by: 'pointer' };

/** The drag in progress. Only what shows the drag itself listens, so that nothing else renders while it moves. */
export const useDrag = create<DragState>(() => idle);

export const pickUp = (dragged: Dragged, by: DragState['by'], target: Target | null = null) =>
  useDrag.setState({ dragged, target, by });

/** Aims elsewhere; a target that is the same as before renders nothing. */
export function aim(target: Target | null) {
  if (JSON.stringify(target) !== JSON.stringify(useDrag.getState().target)) useDrag.setState({ target });
}

export const letGo = () => useDrag.setState(idle);
