import { useEffect, useRef, useState, type RefObject } from 'react';
import { followPointer } from './followPointer';

/** What is held, and its place among the others if it were let go now. */
export type HeldItem = { readonly id: string; readonly to: number };

type Options = {
  readonly axis: 'x' | 'y';
  /** The first place that something can go to. */
  readonly first?: number;
  readonly onMove: (id: string, to: number) => void;
};

/** The place among the others that a point lies before. */
function placeAt(around: HTMLElement, id: string, axis: Options['axis'], point: PointerEvent): number {
  const others = [...around.querySelectorAll<HTMLElement>('[data-item]')].filter(
    ({ dataset }) => dataset.item !== id,
  );
  return others.filter((other) => {
    const { left, top, width, height } = other.getBoundingClientRect();
    return axis === 'x' ? left + width / 2 < point.clientX : top + height / 2 < point.clientY;
  }).length;
}

/**
 * Lets items of an element be dragged to another place: those with `data-item`, each by what has `data-grip` in it. Returns
 * what is held. Keys and single presses are up to those who use it.
 */
export function useReorder(element: RefObject<HTMLElement | null>, options: Options): HeldItem | null {
  const [held, setHeld] = useState<HeldItem | null>(null);
  const latest = useRef(options);
  useEffect(() => {
    latest.current = options;
  });
  useEffect(() => {
    const around = element.current;
    if (!around) return undefined;
    const onDown = (down: PointerEvent) => {
      if (down.button !== 0 || !(down.target instanceof Element)) return;
      const grip = down.target.closest('[data-grip]');
      const id = grip?.closest<HTMLElement>('[data-item]')?.dataset.item;
      if (id === undefined) return;
      const place = (event: PointerEvent) => {
        const { axis, first = 0 } = latest.current;
        return Math.max(first, placeAt(around, id, axis, event));
      };
      followPointer(down, {
        element: around,
        onMove: (event) => setHeld({ id, to: place(event) }),
        onEnd: (event) => latest.current.onMove(id, place(event)),
        onStop: () => setHeld(null),
      });
    };
    around.addEventListener('pointerdown', onDown);
    return () => around.removeEventListener('pointerdown', onDown);
  }, [element]);
  return held;
}

/** Of items in their order, the one before which what is held would go; `length` for the end, -1 while nothing is held. */
export function goesBefore(ids: readonly string[], held: HeldItem | null): number {
  if (!held) return -1;
  return held.to + (held.to >= ids.indexOf(held.id) ? 1 : 0);
}
