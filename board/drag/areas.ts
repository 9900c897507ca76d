import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import type { Block } from '@/core/model/plan';
import type { Span } from '@/core/time/span';
import { elementOf } from '@/ui/dom';
import { isResizing, type Dragged, type FileTarget } from './dragStore';

/** A place where something can be let go. */
export type Area =
  | { readonly kind: 'strip'; readonly instantAt: (clientY: number) => number; readonly day: Span }
  /** A day without an hour: its tray, its head, its cell in a month, in which blocks keep their hours. */
  | { readonly kind: 'tray'; readonly date: string; readonly keepsHours?: boolean }
  /** The list of a day that goes on, where things are put before, between and after its rows. */
  | { readonly kind: 'list'; readonly startAt: (clientY: number, dragged: Dragged) => number }
  | { readonly kind: 'off' }
  | { readonly kind: 'group'; readonly block: Block }
  | FileTarget;

/** A point of the viewport, in pixels. */
export type Point = { readonly x: number; readonly y: number };

type Registered = {
  readonly element: RefObject<HTMLElement | null>;
  /** What is seen of it, when it scrolls inside something. */
  readonly viewport?: RefObject<HTMLElement | null>;
  readonly area: () => Area;
};

/** All places of the screen where something can be let go. */
const registered = new Set<Registered>();

/** A group takes tasks but its own, and neither events nor other groups. */
const takes = (area: Area, dragged: Dragged): boolean =>
  area.kind !== 'group' ||
  (dragged.kind !== 'event' &&
    !(dragged.kind === 'block' && dragged.block.holds) &&
    !isResizing(dragged) &&
    !dragged.tasks.includes(area.block.taskId));

type Place = { readonly entry: Registered; readonly boxes: readonly DOMRect[] };

/** For how many milliseconds all is taken to lie where it lay: looking it up is what costs most on a move. */
const BELIEVED = 200;
let lookedUp: { readonly at: number; readonly places: readonly Place[] } | undefined;

/** Lets all places be looked up anew, as after a scroll. */
export const lookAgain = () => {
  lookedUp = undefined;
};

function placesAt({ x, y }: Point): Registered[] {
  const now = performance.now();
  if (!lookedUp || now - lookedUp.at > BELIEVED)
    lookedUp = { at: now, places: [...registered].map((entry) => ({ entry, boxes: boxesOf(entry) })) };
  const isIn = ({ left, right, top, bottom }: DOMRect) => x >= left && x <= right && y >= top && y <= bottom;
  return lookedUp.places
    .filter(({ boxes }) => boxes.length > 0 && boxes.every(isIn))
    .map(({ entry }) => entry);
}

/** It lies where all of these overlap; nowhere when it is not drawn. */
function boxesOf({ element, viewport }: Registered): DOMRect[] {
  const views = [element, ...(viewport ? [viewport] : [])].map((ref) => ref.current);
  return views.every((view) => view !== null) ? views.map((view) => view.getBoundingClientRect()) : [];
}

type Found = { readonly area: Area; readonly element: HTMLElement };

const found = (entry: Registered | undefined): Found | undefined =>
  entry?.element.current ? { area: entry.area(), element: entry.element.current } : undefined;

/** What lies at a point and takes what is dragged; trays, groups and the list lie above the strip, what files tasks above the list. */
export function areaAt(point: Point, dragged: Dragged): Found | undefined {
  const there = placesAt(point).filter((entry) => takes(entry.area(), dragged));
  const kindOf = (entry: Registered) => entry.area().kind;
  return found(
    there.find((entry) => kindOf(entry) === 'file') ??
      there.find((entry) => kindOf(entry) !== 'strip') ??
      there[0],
  );
}

/** The strip that lies at a point, whatever lies above it. */
export function stripAt(point: Point): Extract<Area, { kind: 'strip' }> | undefined {
  return placesAt(point)
    .map((entry) => entry.area())
    .find((area) => area.kind === 'strip');
}

/**
 * Makes a View a place to let go; `attach` goes on the View. When it scrolls inside something, `viewport` is what is
 * seen of it.
 */
export function useDropArea(area: Area, viewport?: RefObject<HTMLElement | null>) {
  const element = useRef<HTMLElement | null>(null);
  const latest = useRef(area);
  useEffect(() => {
    latest.current = area;
  });
  useEffect(() => {
    const entry: Registered = { element, viewport, area: () => latest.current };
    registered.add(entry);
    lookAgain();
    return () => {
      registered.delete(entry);
      lookAgain();
    };
  }, [viewport]);
  return {
    attach: (view: View | null) => {
      element.current = elementOf(view);
    },
  };
}
