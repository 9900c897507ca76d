import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import { useDrag } from '../drag/dragStore';
import { elementOf } from '@/ui/dom';
import { scaleHours } from '../strip/hoursHigh';
import type { PlanView } from './useView';

/** A swipe is at least this long (pixels), and this much longer than high. */
const SWIPE = 70;
const FLAT = 2.5;

/** Whether a swipe on it scrolls what it lies in sideways. */
function scrollsSideways(target: EventTarget | null, within: HTMLElement): boolean {
  for (let at = target instanceof HTMLElement ? target : null; at && at !== within; at = at.parentElement)
    if (at.scrollWidth > at.clientWidth && getComputedStyle(at).overflowX === 'auto') return true;
  return false;
}

const spread = ([first, two]: ArrayLike<Touch> & Iterable<Touch>) =>
  first && two ? Math.hypot(first.clientX - two.clientX, first.clientY - two.clientY) : 0;

/**
 * Swiping sideways goes on or back. Where hours are drawn two fingers, or the wheel with Ctrl, make them higher or lower;
 * elsewhere these are the browser's.
 */
export function useGestures(view: RefObject<View | null>, place: PlanView, fit: number): void {
  const hasHours = place.view !== 'month' && place.view !== 'agenda';
  const turn = useRef<(direction: 1 | -1) => void>(() => undefined);
  useEffect(() => {
    turn.current = (direction) => place.onTurn(direction, fit);
  });
  useEffect(() => {
    const element = elementOf(view.current);
    if (!element) return;
    let began: { x: number; y: number } | null = null;
    let apart = 0;
    const start = ({ touches, target }: TouchEvent) => {
      const [touch] = touches;
      began =
        touches.length === 1 && touch && !scrollsSideways(target, element)
          ? { x: touch.clientX, y: touch.clientY }
          : null;
      apart = spread(touches);
    };
    const move = (event: TouchEvent) => {
      // what is dragged does not turn the page when it is let go
      if (useDrag.getState().dragged) began = null;
      const now = hasHours ? spread(event.touches) : 0;
      if (now === 0 || apart === 0) return;
      event.preventDefault();
      scaleHours(now / apart);
      apart = now;
    };
    const end = ({ changedTouches: [touch] }: TouchEvent) => {
      if (!began || !touch) return;
      const [right, down] = [touch.clientX - began.x, touch.clientY - began.y];
      if (Math.abs(right) > SWIPE && Math.abs(right) > FLAT * Math.abs(down))
        turn.current(right < 0 ? 1 : -1);
    };
    const wheel = (event: WheelEvent) => {
      if (!event.ctrlKey || !hasHours) return;
      event.preventDefault();
      scaleHours(Math.exp(-event.deltaY / 300));
    };
    element.addEventListener('touchstart', start, { passive: true });
    element.addEventListener('touchmove', move, { passive: false });
    element.addEventListener('touchend', end);
    element.addEventListener('wheel', wheel, { passive: false });
    return () => {
      element.removeEventListener('touchstart', start);
      element.removeEventListener('touchmove', move);
      element.removeEventListener('touchend', end);
      element.removeEventListener('wheel', wheel);
    };
  }, [view, hasHours]);
}
