import { useEffect, useRef, useState, type RefObject } from 'react';
import { STEP, snap } from '@/core/plan/placing';
import { MINUTE, overlaps, type Span } from '@/core/time/span';
import { openPanel, usePanels } from '@/ui/panels';
import type { Scale } from './scale';

/** What a press alone marks, in minutes. */
const PRESSED = 60;
const HOLD = 500;
const STILL = 8;

/**
 * Marking free hours for something new: by the mouse dragged over them, or by a finger held on them. `ground` is what
 * lies under the cards; what is marked at the moment comes back, to be drawn.
 */
export function useMarkHours(ground: RefObject<HTMLElement | null>, scale: Scale): Span | null {
  const [marked, setMarked] = useState<Span | null>(null);
  const latest = useRef(scale);
  useEffect(() => {
    latest.current = scale;
  });
  useEffect(() => {
    const element = ground.current;
    if (!element) return;
    const instantAt = (y: number) => {
      const { day, instantAt: at } = latest.current;
      return Math.min(
        day.to,
        Math.max(day.from, snap(at(y - element.getBoundingClientRect().top), day.from)),
      );
    };
    const offer = ({ from, to }: Span) =>
      openPanel({ kind: 'newEvent', from, minutes: Math.max(STEP, Math.round((to - from) / MINUTE)) });

    const onMouse = (down: PointerEvent) => {
      const begin = instantAt(down.clientY);
      let span: Span | null = null;
      const move = ({ clientY }: PointerEvent) => {
        if (!span && Math.abs(clientY - down.clientY) < STILL) return;
        const end = instantAt(clientY);
        span = { from: Math.min(begin, end), to: Math.max(begin, end) };
        setMarked(span);
      };
      const up = () => {
        window.removeEventListener('pointermove', move);
        setMarked(null);
        if (span && span.to > span.from) offer(span);
      };
      window.addEventListener('pointermove', move);
      window.addEventListener('pointerup', up, { once: true });
    };
    const onFinger = (down: PointerEvent) => {
      const from = instantAt(down.clientY);
      const timer = setTimeout(() => offer({ from, to: from + PRESSED * MINUTE }), HOLD);
      const stop = ({ type, clientX, clientY }: PointerEvent) => {
        const far = Math.hypot(clientX - down.clientX, clientY - down.clientY) > STILL;
        if (type === 'pointermove' && !far) return;
        clearTimeout(timer);
        for (const name of ['pointermove', 'pointerup', 'pointercancel'] as const)
          window.removeEventListener(name, stop);
      };
      for (const name of ['pointermove', 'pointerup', 'pointercancel'] as const)
        window.addEventListener(name, stop);
    };
    const onDown = (down: PointerEvent) => {
      if (down.button !== 0 || down.target !== element) return;
      if (down.pointerType === 'mouse') onMouse(down);
      else onFinger(down);
    };
    element.addEventListener('pointerdown', onDown);
    return () => element.removeEventListener('pointerdown', onDown);
  }, [ground]);
  return marked;
}

/** The hours of a day for which something new is being asked about beside the board; they stay marked until it is added or left. */
export function useAskedHours(day: Span): Span | null {
  const from = usePanels(({ shown }) => (shown?.kind === 'newEvent' ? shown.from : null));
  const minutes = usePanels(({ shown }) => (shown?.kind === 'newEvent' ? shown.minutes : 0));
  if (from === null) return null;
  const span = { from, to: from + minutes * MINUTE };
  return overlaps(span, day) ? span : null;
}
