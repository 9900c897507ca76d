import { create } from 'zustand';
import type { Occurrence } from '@/core/calendar/occurrences';
import type { Id } from '@/core/model/common';
import type { Block } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { DEFAULT_LENGTH } from '@/core/plan/placing';
import { takesDays } from '@/core/plan/spanning';
import { lengthOf } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { session } from '@/state/session';

/** What is being dragged: a task on its way to a place, or a block or an event that is moved or made longer or shorter. */
export type Dragged = {
  readonly kind: 'task' | 'move' | 'resize';
  /** The task, or none when it is an event. */
  readonly taskId: Id;
  readonly minutes: number;
  /** Other tasks that go along, and come after it. */
  readonly more?: readonly Id[];
  /** What is to be done after they were let go. */
  readonly then?: () => void;
  readonly trayId?: Id;
  readonly block?: { readonly id: Id; readonly start: number; readonly group?: boolean };
  readonly event?: Occurrence;
};

/** A task on its way to a place. */
export const movingTask = ({ id, estimate }: Pick<Task, 'id' | 'estimate'>): Dragged => ({
  kind: 'task',
  taskId: id,
  minutes: estimate ?? DEFAULT_LENGTH,
});

/** An event on its way to another time. */
export const movingEvent = (event: Occurrence): Dragged => ({
  kind: 'move',
  taskId: '',
  minutes: Math.max(1, Math.round(lengthOf(event))),
  event,
});

/** A block on its way to another time. */
export const movingBlock = ({ id, taskId, start, minutes, holds }: Block): Dragged => ({
  kind: 'move',
  taskId,
  minutes,
  block: { id, start, group: holds !== undefined },
});

/** When what is dragged began (epoch ms), if it has an hour yet. */
export const startOf = ({ block, event }: Dragged): number | undefined => block?.start ?? event?.from;

/** The event that is dragged, if it takes whole days and goes from day to day without an hour. */
export const wholeDays = ({ event }: Dragged): Occurrence | undefined =>
  event && takesDays(event) ? event : undefined;

/** Whether what is dragged may lie in a tray: all but events, and a block whose length alone changes. */
export const mayLieInTray = ({ dragged }: DragState): boolean =>
  dragged !== null && !dragged.event && dragged.kind !== 'resize';

/** Whether what is dragged would go into the tray of a day. */
export const aimsAtTray = ({ target }: DragState, date: string): boolean =>
  target?.kind === 'tray' && target.date === date;

/** Whether what is dragged would go onto a day, into its tray or else. */
export const aimsAtDay = ({ target }: DragState, date: string): boolean =>
  target !== null &&
  ('date' in target
    ? target.date === date
    : 'start' in target && dateOf(target.start, session.zone) === date);

/** Where it would go if it were let go now. */
export type Target =
  | { readonly kind: 'hour'; readonly start: number; readonly minutes: number }
  | { readonly kind: 'tray'; readonly date: string }
  /** An event of whole days, from this day on. */
  | { readonly kind: 'days'; readonly date: string }
  | { readonly kind: 'into'; readonly blockId: Id }
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
