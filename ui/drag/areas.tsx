import { useDroppable, type CollisionDetection } from '@dnd-kit/core';
import { useEffect, useId, useRef, type RefObject } from 'react';
import { create } from 'zustand';
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

/** Where the pointer is, in the viewport; kept by `underPointer`. */
export const pointer: { at: Point } = { at: { x: 0, y: 0 } };

type Registered = {
  readonly id: string;
  readonly element: RefObject<HTMLElement | null>;
  readonly area: () => Area;
  readonly contains: (point: Point) => boolean;
};

/** All places of the screen where something can be let go. */
const useAreas = create<{ readonly areas: ReadonlySet<Registered> }>(() => ({ areas: new Set() }));

/**
 * Tells dnd-kit of all areas, so that it scrolls what lies under the pointer. They stand apart from what is drawn, which
 * is not rendered when the pointer comes over another.
 */
export function Areas() {
  const areas = useAreas((state) => state.areas);
  const once = new Map([...areas].map((one) => [one.id, one]));
  return [...once].map(([id, one]) => <Binding key={id} area={one} />);
}

function Binding({ area: { id, element } }: { area: Registered }) {
  const { setNodeRef } = useDroppable({ id });
  useEffect(() => setNodeRef(element.current), [element, setNodeRef]);
  return null;
}

const inside = ({ left, right, top, bottom }: DOMRect, { x, y }: Point) =>
  x >= left && x <= right && y >= top && y <= bottom;

/** A group takes tasks but its own, and neither events nor other groups. */
function takes(area: Area): boolean {
  const { dragged } = useDrag.getState();
  return (
    area.kind !== 'group' ||
    (dragged !== null &&
      !dragged.event &&
      !dragged.block?.group &&
      dragged.kind !== 'resize' &&
      dragged.taskId !== area.block.taskId)
  );
}

/** What lies under the pointer and takes what is dragged; trays, groups and the list lie above the strip. */
const hit = (): Registered | undefined =>
  [...useAreas.getState().areas]
    .filter(({ area, contains }) => contains(pointer.at) && takes(area()))
    .sort((a, b) => Number(a.area().kind === 'strip') - Number(b.area().kind === 'strip'))[0];

/** The area that was under the pointer when dnd-kit asked last. */
let under: Registered | undefined;
export const areaUnderPointer = (): Area | undefined => under?.area();

/** What dnd-kit asks on every move. */
export const underPointer: CollisionDetection = ({ pointerCoordinates }) => {
  if (pointerCoordinates) pointer.at = pointerCoordinates;
  under = hit();
  return under ? [{ id: under.id }] : [];
};

/**
 * Makes a View a place to let go; `attach` goes on the View. When it scrolls inside something, `viewport` is what is
 * seen of it.
 */
export function useDropArea(area: Area, viewport?: RefObject<HTMLElement | null>) {
  const own = useId();
  // the days of a strip scroll together: to go from one to the next is nothing new to dnd-kit
  const id = area.kind === 'strip' ? 'strip' : own;
  const element = useRef<HTMLElement | null>(null);
  const latest = useRef(area);
  useEffect(() => {
    latest.current = area;
  });
  useEffect(() => {
    const contains = (point: Point) =>
      element.current !== null &&
      [element.current, viewport?.current].every((one) => !one || inside(one.getBoundingClientRect(), point));
    const registered: Registered = { id, element, area: () => latest.current, contains };
    useAreas.setState(({ areas }) => ({ areas: new Set(areas).add(registered) }));
    return () =>
      useAreas.setState(({ areas }) => ({ areas: new Set([...areas].filter((one) => one !== registered)) }));
  }, [id, viewport]);
  return {
    attach: (view: View | null) => {
      element.current = elementOf(view);
    },
  };
}
