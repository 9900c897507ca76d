import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import type { Brush } from '@/core/frame/kinds';
import type { FrameZone } from '@/core/model/frame';
import { elementOf } from '@/ui/dom';
import { show, type Mark } from './mark';
import { follow, moved, painted, type How, type Place, type ZoneHours } from './pointer';

type Doing = {
  readonly brush: Brush | undefined;
  readonly zones: readonly FrameZone[];
  readonly weekdays: readonly number[];
  readonly onPaint: (mark: Mark) => void;
  readonly onChange: (zone: FrameZone, hours: ZoneHours) => void;
};

/** The edges by which a zone is made longer or shorter are this high (pixels). */
const EDGE = 8;

/** By which part a stretch of a zone is taken. */
function howTaken(stretch: HTMLElement, y: number): How {
  const { top, bottom, height } = stretch.getBoundingClientRect();
  if (bottom - y < EDGE) return 'end';
  return y - top < EDGE && height > 3 * EDGE ? 'start' : 'move';
}

/** Paints with a brush on the week, or moves and changes its zones where there is none. */
export function usePointer(days: RefObject<View | null>, doing: Doing): void {
  const latest = useRef(doing);
  useEffect(() => {
    latest.current = doing;
  });
  useEffect(() => {
    const week = elementOf(days.current);
    if (!week) return;
    const paint = (down: PointerEvent, { name }: Brush) =>
      follow(down, {
        week,
        onMove: (begin, end) => show(painted(begin, end), name),
        onEnd: (begin, end) => latest.current.onPaint(painted(begin, end)),
      });
    const take = (down: PointerEvent, stretch: HTMLElement) => {
      const { zones, weekdays } = latest.current;
      const zone = zones.find(({ id }) => id === stretch.dataset.zone);
      if (!zone) return;
      const how = howTaken(stretch, down.clientY);
      const goal = (begin: Place, end: Place) => moved(zone, how, begin, end);
      follow(down, {
        week,
        onMove(begin, end) {
          const { days: on, ...hours } = goal(begin, end);
          show({ columns: on.map((day) => weekdays.indexOf(day)), ...hours }, zone.name);
        },
        onEnd: (begin, end) => latest.current.onChange(zone, goal(begin, end)),
      });
    };
    const onDown = (down: PointerEvent) => {
      if (down.button !== 0) return;
      const { brush } = latest.current;
      const stretch =
        down.target instanceof HTMLElement ? down.target.closest<HTMLElement>('[data-zone]') : null;
      if (brush) paint(down, brush);
      else if (stretch) take(down, stretch);
    };
    week.addEventListener('pointerdown', onDown);
    return () => week.removeEventListener('pointerdown', onDown);
  }, [days]);
}
