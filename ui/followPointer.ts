/** A finger that is held so long (ms) drags; before that it scrolls. */
const HOLD = 280;
/** A pointer that goes less far than this (pixels) presses. */
const STILL = 5;

type Following = {
  /** What must not scroll under a finger that drags. */
  readonly element: HTMLElement;
  /** Called on each move, from the first on. */
  readonly onMove: (event: PointerEvent) => void;
  readonly onEnd: (event: PointerEvent) => void;
  /** Called when it is over, however it ends. */
  readonly onStop?: () => void;
};

/** Follows a press until it is let go: the mouse once it moves, a finger once it was held, so that a swipe still scrolls. Escape leaves it. */
export function followPointer(down: PointerEvent, { element, onMove, onEnd, onStop }: Following): void {
  const finger = down.pointerType !== 'mouse';
  let held = false;
  let going = false;
  const timer = finger ? setTimeout(() => (held = true), HOLD) : undefined;
  const far = (event: PointerEvent) =>
    Math.hypot(event.clientX - down.clientX, event.clientY - down.clientY) > STILL;
  const move = (event: PointerEvent) => {
    if (finger && !held) {
      if (far(event)) stop();
      return;
    }
    if (!going && !far(event)) return;
    going = true;
    onMove(event);
  };
  // what is dragged over must not scroll away
  const still = (event: TouchEvent) => held && event.preventDefault();
  const end = (event: PointerEvent) => {
    stop();
    if (!going) return;
    // the press that ends here is none on what lies under it
    const swallow = (click: MouseEvent) => click.stopPropagation();
    window.addEventListener('click', swallow, { capture: true, once: true });
    setTimeout(() => window.removeEventListener('click', swallow, { capture: true }), 0);
    onEnd(event);
  };
  // what is dragged over is not marked as text
  const unmarked = (event: Event) => event.preventDefault();
  const leave = ({ key }: KeyboardEvent) => key === 'Escape' && stop();
  const stop = () => {
    clearTimeout(timer);
    onStop?.();
    window.removeEventListener('pointermove', move);
    window.removeEventListener('pointerup', end);
    window.removeEventListener('pointercancel', stop);
    window.removeEventListener('keydown', leave, { capture: true });
    window.removeEventListener('selectstart', unmarked);
    element.removeEventListener('touchmove', still);
  };
  window.addEventListener('pointermove', move);
  window.addEventListener('pointerup', end);
  window.addEventListener('pointercancel', stop);
  window.addEventListener('keydown', leave, { capture: true });
  window.addEventListener('selectstart', unmarked);
  element.addEventListener('touchmove', still, { passive: false });
}
