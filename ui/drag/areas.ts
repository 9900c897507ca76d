import { useDroppable, type CollisionDetection } from '@dnd-kit/core';
import { useRef, type RefObject } from 'react';
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

/** Where the pointer is, in the viewport; kept by `areaUnderPointer`, which dnd-kit calls on every move. */
export const pointer: { at: Point } = { at: { x: 0, y: 0 } };

type Registered = { area: Area; contains: (point: Point) => boolean };

// dnd-kit types the data of a droppable as any
export const areaOf = (data: unknown): Area | undefined => (data as Registered | undefined)?.area;

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

/** The area under the pointer; the tray and the list lie above the strip. */
export const areaUnderPointer: CollisionDetection = ({ pointerCoordinates, droppableContainers }) => {
  if (!pointerCoordinates) return [];
  pointer.at = pointerCoordinates;
  const hit = droppableContainers
    .map(({ id, data }) => ({ id, registered: data.current as Registered | undefined })) // set by useDropArea
    .filter(
      ({ registered }) => registered && takes(registered.area) && registered.contains(pointerCoordinates),
    );
  return hit
    .sort((a, b) => Number(a.registered?.area.kind === 'strip') - Number(b.registered?.area.kind === 'strip'))
    .map(({ id }) => ({ id }));
};

/**
 * Makes a View a place to let go; `attach` goes on the View. When it scrolls inside something, `viewport` is what is
 * seen of it.
 */
export function useDropArea(id: string, area: Area, viewport?: RefObject<HTMLElement | null>) {
  const own = useRef<HTMLElement | null>(null);
  const contains = (point: Point) =>
    [own.current, viewport?.current].every(
      (element) => !element || inside(element.getBoundingClientRect(), point),
    );
  const { setNodeRef } = useDroppable({ id, data: { area, contains } satisfies Registered });
  return {
    attach: (view: View | null) => {
      own.current = elementOf(view);
      setNodeRef(own.current);
    },
  };
}
