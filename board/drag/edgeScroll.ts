import type { Point } from './areas';

/** How near an edge it scrolls, as a share of what is seen; the nearer, the quicker. */
const NEAR = 0.14;
/** Pixels a frame, right at the edge. */
const FASTEST = 24;

let frame = 0;

/** The nearest thing around an element that scrolls up and down. */
export function scrollerOf(element: HTMLElement | null): HTMLElement | null {
  if (!element) return null;
  const scrolls =
    element.scrollHeight > element.clientHeight && /auto|scroll/.test(getComputedStyle(element).overflowY);
  return scrolls ? element : scrollerOf(element.parentElement);
}

/** How far a frame scrolls: only towards where the pointer has gone since it picked up. */
function speedAt({ top, bottom }: DOMRect, at: Point, began: Point): number {
  const near = (bottom - top) * NEAR;
  if (at.y > began.y) return Math.max(0, 1 - (bottom - at.y) / near) * FASTEST;
  return -Math.max(0, 1 - (at.y - top) / near) * FASTEST;
}

/** While the pointer is near the upper or lower edge of what scrolls around an element, scrolls it with the next frame; `then` goes on. */
export function scrollAtEdge(element: HTMLElement, pointer: { began: Point; at: Point }, then: () => void) {
  cancelAnimationFrame(frame);
  const scroller = scrollerOf(element);
  const speed = scroller
    ? Math.round(speedAt(scroller.getBoundingClientRect(), pointer.at, pointer.began))
    : 0;
  if (!scroller || speed === 0) return;
  frame = requestAnimationFrame(() => {
    const before = scroller.scrollTop;
    scroller.scrollTop += speed;
    if (scroller.scrollTop !== before) then();
  });
}
