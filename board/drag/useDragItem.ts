import { keyOf, keys as table } from '../keyTable';
import { firstRoom, STEP } from '@/core/plan/placing';
import { blockOf, blocksIn } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { addDays, dateOf, dayOf, sameHourOn } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace } from '@/state/workspaceStore';
import { webProps } from '@/ui/dom';
import { press } from './carry';
import {
  aim,
  leave,
  pickUp,
  placeOf,
  useDrag,
  wholeDays,
  type Dragged,
  type FileTarget,
  type Target,
} from './dragStore';
import { drop } from './drop';
import { aimsAtFile, filesOf } from './files';

const { onAThing } = table;

/** Where the keyboard first aims: where the thing stands, else at the first room of the day. */
function firstAim(dragged: Dragged, date: string): Target {
  const { zone, now } = here();
  const event = wholeDays(dragged);
  if (event) return { kind: 'days', date: dateOf(event.from, zone) };
  const minutes = dragged.minutes;
  const start = dragged.start ?? firstRoom(currentWorkspace(), date, minutes, zone, now);
  return { kind: 'hours', start, minutes };
}

/** The same hour, or the day as it stands, some days on. */
function onAnotherDay(target: Target, days: number): Target {
  if (target.kind === 'off' || target.kind === 'group' || target.kind === 'file') return target;
  if (target.kind !== 'hours') return { ...target, date: addDays(target.date, days) };
  const date = addDays(dateOf(target.start, here().zone), days);
  return { ...target, start: sameHourOn(date, target.start, here().zone) };
}

/** The next group block of the day that is aimed at, going round. */
function nextGroup(target: Target, dragged: Dragged, date: string): Target | undefined {
  const workspace = currentWorkspace();
  const { zone } = here();
  const aimed = target.kind === 'group' ? blockOf(workspace, target.blockId)?.start : undefined;
  const at = target.kind === 'hours' ? target.start : aimed;
  const day = dayOf(at === undefined ? date : dateOf(at, zone), zone);
  const [taskId] = dragged.tasks;
  const groups = blocksIn(workspace, day, zone).filter((block) => block.holds && block.taskId !== taskId);
  const shown = groups.findIndex(({ id }) => target.kind === 'group' && id === target.blockId);
  const next = groups[(shown + 1) % groups.length];
  return next && { kind: 'group', blockId: next.id };
}

/** The next list or category that a task without a place is filed into, going round. */
function nextFile(target: Target): FileTarget | undefined {
  const all = filesOf(currentWorkspace());
  const shown = all.findIndex((file) => aimsAtFile(target, file));
  return all[(shown + 1) % all.length];
}

/** How far a key moves something, in minutes: a quarter hour, with Page an hour, with Ctrl five minutes. */
const stepOf = ({ key, ctrlKey }: KeyboardEvent): number =>
  key.startsWith('Page') ? 60 : ctrlKey ? 5 : STEP;

/** Where an arrow takes something of some minutes in a list, where it does not go by quarter hours. */
export type Stops = (minutes: number) => readonly number[];

const nextStop = (stops: readonly number[], start: number, direction: number): number =>
  (direction > 0 ? stops.find((stop) => stop > start) : stops.findLast((stop) => stop < start)) ?? start;

/** Where a key moves the aim to; undefined for keys that mean nothing here. */
function aimedBy(
  event: KeyboardEvent,
  target: Target,
  dragged: Dragged,
  date: string,
  stops: Stops | undefined,
): Target | undefined {
  const direction = { ArrowUp: -1, ArrowDown: 1, PageUp: -1, PageDown: 1 }[event.key];
  const days = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  if (days) return onAnotherDay(target, days);
  if (target.kind === 'days') return undefined;
  if (direction) {
    if (target.kind !== 'hours') return firstAim(dragged, date);
    if (event.shiftKey) return { ...target, minutes: Math.max(STEP, target.minutes + direction * STEP) };
    const { from, to } = dayOf(dateOf(target.start, here().zone), here().zone);
    const start =
      stops && event.key.startsWith('Arrow') && !event.ctrlKey
        ? nextStop(stops(dragged.minutes), target.start, direction)
        : target.start + direction * stepOf(event) * MINUTE;
    return { ...target, start: Math.min(to - STEP * MINUTE, Math.max(from, start)) };
  }
  if (dragged.kind === 'event') return undefined;
  if (event.key.toLowerCase() === onAThing.tray) {
    return { kind: 'tray', date: target.kind === 'hours' ? dateOf(target.start, here().zone) : date };
  }
  if (event.key.toLowerCase() === onAThing.file && dragged.kind === 'task') return nextFile(target);
  if (event.key.toLowerCase() === onAThing.group && !(dragged.kind === 'block' && dragged.block.holds))
    return nextGroup(target, dragged, date);
  if (event.key === onAThing.off || event.key === 'Backspace') return { kind: 'off' };
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
 * keys do while it is not held, `stops` the hours to which arrows go while it is.
 */
export function useDragItem(
  dragged: Dragged,
  date: string,
  onOpen: () => void,
  keys: Readonly<Record<string, () => void>> = {},
  stops?: Stops,
) {
  const lifted = useDrag((state) => state.dragged?.key === dragged.key);

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    const state = useDrag.getState();
    const held = state.dragged !== null && state.by === 'keys';
    if (event.key === ' ' && !held) pickUp(dragged, 'keys', firstAim(dragged, date));
    else if (!held && event.key === 'Enter') onOpen();
    else if (!held && !event.ctrlKey && !event.metaKey && keys[keyOf(event)]) keys[keyOf(event)]?.();
    else if (!held && event.key === onAThing.off && placeOf(dragged)) {
      pickUp(dragged, 'keys', { kind: 'off' });
      drop();
    } else if (held && (event.key === 'Enter' || event.key === ' ')) drop();
    else if (held && (event.key === 'Escape' || event.key === 'Tab')) leave();
    else if (held && state.target) {
      const target = aimedBy(event, state.target, dragged, date, stops);
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
        'aria-roledescription': 'can be dragged',
      }),
    },
  };
}
