import { blocksIn } from '@/core/plan/dayPlan';
import { pockets, STEP } from '@/core/plan/placing';
import { MINUTE, lengthOf } from '@/core/time/span';
import { addDays, dateOf, dayOf, instantOf, sameHourOn } from '@/core/time/zone';
import { session } from '@/state/session';
import { workspaceInSight } from '@/state/workspaceStore';
import { webProps } from '../dom';
import { press } from './carry';
import { aim, letGo, pickUp, startOf, useDrag, wholeDays, type Dragged, type Target } from './dragStore';
import { drop } from './drop';
import { DRAG_HELP } from './DragLayer';

/** Where the keyboard first aims a task: the first pocket of the day that takes it, else nine o'clock. */
function firstAim(dragged: Dragged, date: string): Target {
  const event = wholeDays(dragged);
  if (event) return { kind: 'days', date: dateOf(event.from, session.zone) };
  const workspace = workspaceInSight();
  const start =
    startOf(dragged) ??
    pockets(workspace, date, session.zone, session.now()).find(
      (pocket) => lengthOf(pocket) >= dragged.minutes,
    )?.from ??
    instantOf(`${date}T09:00`, session.zone);
  const step = STEP * MINUTE;
  return {
    kind: 'hour',
    start: startOf(dragged) !== undefined ? start : Math.ceil(start / step) * step,
    minutes: dragged.minutes,
  };
}

/** The same hour, or the day as it stands, some days on. */
function onAnotherDay(target: Target, days: number): Target {
  if (target.kind === 'off' || target.kind === 'into') return target;
  if (target.kind !== 'hour') return { ...target, date: addDays(target.date, days) };
  const date = addDays(dateOf(target.start, session.zone), days);
  return { ...target, start: sameHourOn(date, target.start, session.zone) };
}

/** The next group block of the day that is aimed at, going round. */
function nextGroup(target: Target, { taskId }: Dragged, date: string): Target | undefined {
  const { blocks } = workspaceInSight();
  const aimed = target.kind === 'into' ? blocks.get(target.blockId)?.start : undefined;
  const at = target.kind === 'hour' ? target.start : aimed;
  const day = dayOf(at === undefined ? date : dateOf(at, session.zone), session.zone);
  const groups = blocksIn(blocks, day).filter((block) => block.holds && block.taskId !== taskId);
  const here = groups.findIndex(({ id }) => target.kind === 'into' && id === target.blockId);
  const next = groups[(here + 1) % groups.length];
  return next && { kind: 'into', blockId: next.id };
}

/** Where a key moves the aim to; undefined for keys that mean nothing here. */
function aimedBy(event: KeyboardEvent, target: Target, dragged: Dragged, date: string): Target | undefined {
  const direction = { ArrowUp: -1, ArrowDown: 1 }[event.key];
  const days = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  if (days) return onAnotherDay(target, days);
  if (target.kind === 'days') return undefined;
  if (direction) {
    if (target.kind !== 'hour') return firstAim(dragged, date);
    if (event.shiftKey) return { ...target, minutes: Math.max(STEP, target.minutes + direction * STEP) };
    const { from, to } = dayOf(dateOf(target.start, session.zone), session.zone);
    const start = target.start + direction * STEP * MINUTE;
    return { ...target, start: Math.min(to - STEP * MINUTE, Math.max(from, start)) };
  }
  if (dragged.event) return undefined;
  if (event.key.toLowerCase() === 't') {
    return { kind: 'tray', date: target.kind === 'hour' ? dateOf(target.start, session.zone) : date };
  }
  if (event.key.toLowerCase() === 'g' && !dragged.block?.group) return nextGroup(target, dragged, date);
  if (event.key === 'Delete' || event.key === 'Backspace') return { kind: 'off' };
  return undefined;
}

/** Makes a View something by which the mouse and the finger pick up what is dragged. */
export function pressable(dragged: Dragged): object {
  const pressed = ({ nativeEvent }: { nativeEvent: MouseEvent | TouchEvent }) => press(nativeEvent, dragged);
  return webProps({ onMouseDown: pressed, onTouchStart: pressed });
}

/**
 * Makes a View something that can be dragged, by mouse, by touch and by keyboard. `date` is the day that is shown,
 * where the keyboard places things; `onOpen` is what a click or Enter does, `keys` what other
 * keys do while it is not held.
 */
export function useDragItem(
  dragged: Dragged,
  date: string,
  onOpen: () => void,
  keys: Readonly<Record<string, () => void>> = {},
) {
  const lifted = useDrag(
    (state) =>
      state.dragged !== null &&
      state.dragged.taskId === dragged.taskId &&
      state.dragged.block?.id === dragged.block?.id &&
      state.dragged.event?.id === dragged.event?.id,
  );

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    const state = useDrag.getState();
    const held = state.dragged !== null && state.by === 'keys';
    if (event.key === ' ' && !held) pickUp(dragged, 'keys', firstAim(dragged, date));
    else if (!held && event.key === 'Enter') onOpen();
    else if (!held && !event.ctrlKey && !event.metaKey && keys[event.key]) keys[event.key]?.();
    else if (!held && event.key === 'Delete' && (dragged.block || dragged.trayId)) {
      pickUp(dragged, 'keys', { kind: 'off' });
      drop();
    } else if (held && (event.key === 'Enter' || event.key === ' ')) drop();
    else if (held && (event.key === 'Escape' || event.key === 'Tab')) letGo();
    else if (held && state.target) {
      const target = aimedBy(event, state.target, dragged, date);
      if (!target) return;
      aim(target);
    } else return;
    if (event.key !== 'Tab') event.preventDefault();
    event.stopPropagation();
  };

  return {
    lifted,
    props: {
      tabIndex: 0 as const,
      role: 'group' as const,
      ...pressable(dragged),
      ...webProps({
        onKeyDown,
        onClick: onOpen,
        'aria-describedby': DRAG_HELP,
        'aria-roledescription': 'can be dragged',
      }),
    },
  };
}
