import { MouseSensor, TouchSensor, type SensorProps } from '@dnd-kit/core';
import { STEP, snap, startOn } from '@/core/plan/placing';
import { MINUTE, type Span } from '@/core/time/span';
import { addDays, dateOf, daysBetween, sameHourOn } from '@/core/time/zone';
import { here } from '@/state/here';
import { openPanel } from '@/ui/panels';
import { areaAt, lookAgain, stripAt, type Area, type Point } from './areas';
import {
  aim,
  isResizing,
  letGo,
  pickUp,
  placeOf,
  useDrag,
  wholeDays,
  type Dragged,
  type Target,
} from './dragStore';
import { drop } from './drop';
import { scrollAtEdge, scrollerOf, stopScrolling } from './edgeScroll';

/** The mouse picks up after 6 px, a finger after a long press, so that a swipe still scrolls. */
const MOUSE = { activationConstraint: { distance: 6 } };
const FINGER = { activationConstraint: { delay: 250, tolerance: 8 } };

/** The drag by pointer in progress. */
let carried: {
  /** Where it was picked up. */
  readonly began: Point;
  at: Point;
  readonly byFinger: boolean;
  /** How long after its start (or its end, on resizing) it was grabbed, ms; in days for what takes whole ones. */
  readonly grab: number;
} | null = null;

const listeners = new Set<(at: Point) => void>();

/** Tells where the pointer is, at once and as long as it carries something; returns what stops it. */
export function onCarry(listener: (at: Point) => void): () => void {
  listeners.add(listener);
  if (carried) listener(carried.at);
  return () => void listeners.delete(listener);
}

/** Makes touch moves cancelable for a finger that begins to carry something; returns what stops it. */
export const heedFingers = () => TouchSensor.setup();

let lastPress: Event | undefined;

/**
 * Watches a press on something that can be dragged until it turns out to be a drag, and then carries it. What lies
 * around it sees the same press and leaves it alone. Of dnd-kit only the sensors are used: its context renders
 * everything within on each move.
 */
export function press(event: MouseEvent | TouchEvent, dragged: Dragged): void {
  if (event === lastPress) return;
  lastPress = event;
  const finger = 'touches' in event;
  if (finger ? event.touches.length > 1 : event.button !== 0) return;
  const props = {
    event,
    active: 'dragged',
    onStart: (began: Point) => {
      lookAgain();
      carried = { began, at: began, byFinger: finger, grab: grabAt(began, dragged) };
      pickUp(dragged, 'pointer');
    },
    onMove: carryTo,
    onEnd: () => finish(wasHeldStill() ? () => offer(dragged) : drop),
    onCancel: () => finish(letGo),
    onAbort: () => undefined,
    onPending: () => undefined,
  };
  // the sensors of mouse and touch read neither `activeNode` nor `context`, which the type asks for
  const Sensor = finger ? TouchSensor : MouseSensor;
  new Sensor({ ...props, options: finger ? FINGER : MOUSE } as unknown as SensorProps<
    typeof MOUSE & typeof FINGER
  >);
}

/** A finger that goes less far than this (pixels) holds still. */
const STILL = 8;

/** Whether a finger has held something without taking it anywhere. */
const wasHeldStill = (): boolean =>
  carried !== null &&
  carried.byFinger &&
  Math.hypot(carried.at.x - carried.began.x, carried.at.y - carried.began.y) < STILL;

/** Offers what can be done with what a finger has held: the actions of a task, the details of an event. */
function offer(dragged: Dragged) {
  letGo();
  if (dragged.kind === 'event') return openPanel({ kind: 'meeting', meeting: dragged.event });
  const [taskId = ''] = dragged.tasks;
  const place = placeOf(dragged);
  openPanel({
    kind: 'actions',
    taskId,
    ...(place && ('start' in place ? { blockId: place.id } : { trayId: place.id })),
  });
}

/** A press that never became a drag ends as well. */
function finish(how: () => void) {
  stopScrolling();
  if (carried && useDrag.getState().dragged) how();
  carried = null;
}

/** Follows the pointer: aims at what lies under it, and scrolls that at its edges. */
function carryTo(at: Point) {
  const { dragged } = useDrag.getState();
  if (!dragged || !carried) return;
  carried.at = at;
  const under = areaAt(at, dragged);
  if (under) scrollAtEdge(under.element, carried, onScrolled, hourHigh(under.area, at));
  else stopScrolling();
  aim(targetAt(at, under?.area, dragged, carried.grab));
  for (const listener of listeners) listener(at);
}

/** How high an hour is drawn, in pixels: the hours of a day go by at one a second at most. */
function hourHigh(area: Area, { y }: Point): number | undefined {
  if (area.kind !== 'strip') return undefined;
  return (60 * MINUTE) / (area.instantAt(y + 1) - area.instantAt(y));
}

/** What lies under the pointer is another. */
function onScrolled() {
  lookAgain();
  if (carried) carryTo(carried.at);
}

/** Scrolls what lies under the pointer by the wheel, as what is carried lies above it. */
export function wheelWhileCarried({ deltaY }: WheelEvent) {
  const { dragged } = useDrag.getState();
  if (!dragged || !carried) return;
  const scroller = scrollerOf(areaAt(carried.at, dragged)?.element ?? null);
  if (scroller) scroller.scrollTop += deltaY;
  onScrolled();
}

/** The edge by which a block is held (epoch ms): its start, or its end on resizing. */
const edgeOf = (dragged: Dragged): number =>
  (dragged.start ?? 0) + (isResizing(dragged) ? dragged.minutes * MINUTE : 0);

/** The day that lies under the pointer. */
function dateAt(area: Area | undefined): string | undefined {
  if (area?.kind === 'strip') return dateOf(area.day.from, here().zone);
  return area?.kind === 'tray' ? area.date : undefined;
}

function grabAt(began: Point, dragged: Dragged): number {
  const event = wholeDays(dragged);
  if (event) {
    const first = dateOf(event.from, here().zone);
    return daysBetween(first, dateAt(areaAt(began, dragged)?.area) ?? first);
  }
  const strip = dragged.start === undefined ? undefined : stripAt(began);
  return strip ? strip.instantAt(began.y) - edgeOf(dragged) : 0;
}

function targetAt({ y }: Point, area: Area | undefined, dragged: Dragged, grab: number): Target | null {
  if (wholeDays(dragged)) {
    const date = dateAt(area);
    return date === undefined ? null : { kind: 'days', date: addDays(date, -grab) };
  }
  if (isResizing(dragged)) {
    const own =
      area?.kind === 'strip' && (dragged.start ?? 0) < area.day.to && edgeOf(dragged) > area.day.from;
    return own ? resized(area.instantAt(y) - grab, area.day, dragged) : useDrag.getState().target;
  }
  const minutes = dragged.minutes;
  if (area?.kind === 'strip') {
    return { kind: 'hours', start: startOn(area.instantAt(y) - grab, area.day), minutes };
  }
  const start = dragged.start;
  if (area?.kind === 'list' && dragged.kind !== 'event')
    return { kind: 'hours', start: area.startAt(y, dragged), minutes };
  if (area?.kind === 'tray' && start !== undefined && (dragged.kind === 'event' || area.keepsHours))
    return { kind: 'hours', start: sameHourOn(area.date, start, here().zone), minutes };
  if (dragged.kind === 'event') return null;
  if (area?.kind === 'file') return area;
  if (area?.kind === 'group') return { kind: 'group', blockId: area.block.id };
  if (area?.kind === 'tray') return { kind: 'tray', date: area.date };
  return dragged.kind === 'block' || area?.kind === 'off' ? { kind: 'off' } : null;
}

/** A block is made longer on the day that it began on, or on the next when it goes past midnight. */
function resized(instant: number, day: Span, dragged: Dragged): Target {
  const start = dragged.start ?? 0;
  const end = snap(instant, day.from);
  return { kind: 'hours', start, minutes: Math.max(STEP, Math.round((end - start) / MINUTE)) };
}
