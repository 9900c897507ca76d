import { create } from 'zustand';
import type { Occurrence } from '@/core/calendar/occurrences';
import type { Id } from '@/core/model/common';
import type { Block, TrayItem } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { takesDays } from '@/core/plan/spanning';
import { DEFAULT_LENGTH } from '@/core/tasks/newTask';
import { minutesTaken } from '@/core/tasks/takes';
import { currentWorkspace } from '@/state/workspaceStore';
import { lengthOf } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { announce } from '@/ui/announce';

/** What is being dragged: to another place, or by its lower edge to another length. */
export type Dragged = {
  /** Tells it from everything else that can be dragged. */
  readonly key: string;
  /** Its tasks, the one in hand first; none when it is an event. */
  readonly tasks: readonly Id[];
  readonly minutes: number;
  /** When it began (epoch ms), if it has an hour yet. */
  readonly start?: number;
} & (
  | {
      /** A task without a place; others may go along, and come after it. `then` runs once they were let go. */
      readonly kind: 'task';
      readonly then?: (() => void) | undefined;
    }
  | { readonly kind: 'tray'; readonly item: TrayItem }
  | { readonly kind: 'block'; readonly how: 'move' | 'resize'; readonly block: Block }
  | { readonly kind: 'event'; readonly how: 'move' | 'resize'; readonly event: Occurrence }
);

/** A task on its way to a place, others with it. */
export const movingTask = (task: Task, more: readonly Id[] = [], then?: () => void): Dragged => ({
  kind: 'task',
  key: `task ${task.id}`,
  tasks: [task.id, ...more],
  minutes: minutesTaken(currentWorkspace(), task),
  then,
});

export const movingTrayItem = (item: TrayItem, task: Task | undefined): Dragged => ({
  kind: 'tray',
  key: `tray ${item.id}`,
  tasks: [item.taskId],
  minutes: task ? minutesTaken(currentWorkspace(), task) : DEFAULT_LENGTH,
  item,
});

export const movingEvent = (event: Occurrence): Dragged => ({
  kind: 'event',
  key: `event ${event.id}`,
  tasks: [],
  minutes: Math.max(1, Math.round(lengthOf({ ...event, to: event.plannedTo ?? event.to }))),
  start: event.from,
  how: 'move',
  event,
});

export const movingBlock = (block: Block): Dragged => ({
  kind: 'block',
  key: `block ${block.id}`,
  tasks: [block.taskId],
  minutes: block.minutes,
  start: block.start,
  how: 'move',
  block,
});

/** The same thing held by its lower edge; what has no hours has none. */
export const resizing = (dragged: Dragged): Dragged =>
  'how' in dragged ? { ...dragged, how: 'resize' } : dragged;

export const isResizing = (dragged: Dragged): boolean => 'how' in dragged && dragged.how === 'resize';

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
  /** A list or a category that tasks without a place are filed into. */
  | FileTarget
  | { readonly kind: 'off' };

export type FileTarget = {
  readonly kind: 'file';
  readonly into: 'lists' | 'categories';
  readonly id: Id;
};

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

/** Leaves what is held where it was, and says so. */
export function leave() {
  letGo();
  announce('Left where it was');
}
