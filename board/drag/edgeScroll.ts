import type { Point } from './areas';

/** How near an edge it scrolls, as a share of what is seen and in pixels at most; the nearer, the quicker. */
const NEAR = 0.1;
const NEAREST = 56;
/** Pixels a second, right at the edge. */
const FASTEST = 320;
/** It begins once the pointer has been there for so long (ms), and slowly: it takes as long again to be at its quickest. */
const WAITS = 350;
const GROWS = 900;

let frame = 0;
/** Since when the pointer has been near an edge, and when it was scrolled last (ms); what has not been scrolled yet of a pixel. */
let near: { readonly since: number; last: number; rest: number } | null = null;

/** The nearest thing around an element that scrolls up and down. */
export function scrollerOf(element: HTMLElement | null): HTMLElement | null {
  if (!element) return null;
  const scrolls =
    element.scrollHeight > element.clientHeight && /auto|scroll/.test(getComputedStyle(element).overflowY);
  return scrolls ? element : scrollerOf(element.parentElement);
}

/** How near the edge it lies towards which the pointer has gone since it picked up: 1 at the lower, -1 at the upper one, 0 beyond reach of both. */
function edgeAt({ top, bottom }: DOMRect, at: Point, began: Point): number {
  const reach = Math.min(NEAREST, (bottom - top) * NEAR);
  const share = at.y > began.y ? 1 - (bottom - at.y) / reach : 1 - (at.y - top) / reach;
  return Math.min(1, Math.max(0, share)) * (at.y > began.y ? 1 : -1);
}

/** Nothing scrolls any more. */
export function stopScrolling(): void {
  cancelAnimationFrame(frame);
  near = null;
}

/**
 * While the pointer is held near the upper or lower edge of what scrolls around an element, scrolls it frame by frame, by
 * `fastest` pixels a second at most; `then` follows what lies under the pointer.
 */
export function scrollAtEdge(
  element: HTMLElement,
  { began, at }: { readonly began: Point; readonly at: Point },
  then: () => void,
  fastest = FASTEST,
): void {
  cancelAnimationFrame(frame);
  const scroller = scrollerOf(element);
  const edge = scroller ? edgeAt(scroller.getBoundingClientRect(), at, began) : 0;
  if (!scroller || edge === 0) return stopScrolling();
  const step = (now: number) => {
    const held = (near ??= { since: now, last: now, rest: 0 });
    const grown = Math.min(1, Math.max(0, (now - held.since - WAITS) / GROWS));
    // a frame that came late makes up for nothing
    const seconds = Math.min(50, now - held.last) / 1000;
    const way = edge * grown * fastest * seconds + held.rest;
    const pixels = Math.trunc(way);
    near = { ...held, last: now, rest: way - pixels };
    const before = scroller.scrollTop;
    scroller.scrollTop += pixels;
    if (scroller.scrollTop !== before) then();
    else if (pixels === 0) frame = requestAnimationFrame(step);
  };
  frame = requestAnimationFrame(step);
}
