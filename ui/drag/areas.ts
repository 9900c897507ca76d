import type { CollisionDetection } from '@dnd-kit/core';
import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import type { Block } from '@/core/model/plan';
import type { Span } from '@/core/time/span';
import { elementOf } from '../dom';
import { useDrag } from './dragStore';

/** A place where something can be let go. */
export type Area =
  | { readonly kind: 'strip'; readonly instantAt: (clientY: number) => number; readonly day: Span }
  | { readonly kind: 'tray'; readonly date: string }
  | { readonly kind: 'off' }
  | { readonly kind: 'group'; readonly block: Block };

export type Point = { readonly x: number; readonly y: number };

/** Where the pointer is, in the viewport; kept by `notePointer`. */
export const pointer: { at: Point } = { at: { x: 0, y: 0 } };

/** dnd-kit asks on every move what lies under the pointer; the areas know that themselves, so nothing is rendered for it. */
export const notePointer: CollisionDetection = ({ pointerCoordinates }) => {
  if (pointerCoordinates) pointer.at = pointerCoordinates;
  return [];
};

type Registered = { readonly area: () => Area; readonly contains: (point: Point) => boolean };

/** All places of the screen where something can be let go. */
const registered = new Set<Registered>();

const inside = ({ left, right, top, bottom }: DOMRect, { x, y }: Point) =>
  x >= left && x <= right && y >= top && y <= bottom;

/** A group takes tasks but its own, and no events. */
function takes(area: Area): boolean {
  const { dragged } = useDrag.getState();
  return (
    area.kind !== 'group' ||
    (dragged !== null && !dragged.event && dragged.kind !== 'resize' && dragged.taskId !== area.block.taskId)
  );
}

/** The area under the pointer that takes what is dragged; trays, groups and the list lie above the strip. */
export function areaUnderPointer(): Area | undefined {
  const hit = [...registered].filter(({ contains }) => contains(pointer.at)).map(({ area }) => area());
  return hit.filter(takes).sort((a, b) => Number(a.kind === 'strip') - Number(b.kind === 'strip'))[0];
}

/**
 * Makes a View a place to let go; `attach` goes on the View. When it scrolls inside something, `viewport` is what is
 * seen of it.
 */
export function useDropArea(area: Area, viewport?: RefObject<HTMLElement | null>) {
  const own = useRef<HTMLElement | null>(null);
  const latest = useRef(area);
  useEffect(() => {
    latest.current = area;
  });
  useEffect(() => {
    const contains = (point: Point) =>
      own.current !== null &&
      [own.current, viewport?.current].every(
        (element) => !element || inside(element.getBoundingClientRect(), point),
      );
    const one: Registered = { area: () => latest.current, contains };
    registered.add(one);
    return () => void registered.delete(one);
  }, [viewport]);
  return {
    attach: (view: View | null) => {
      own.current = elementOf(view);
    },
  };
}
