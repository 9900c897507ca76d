import { create } from 'zustand';

/**
 * Whether the first picture stands. What a person does not look for at once waits for it, so that the day itself is
 * there sooner on a slow machine.
 */
export const useFirstDrawn = create(() => false);

/** Does something once the first picture stands. */
export function afterFirstDrawn(act: () => void): void {
  const leave = useFirstDrawn.subscribe(() => {
    leave();
    act();
  });
}

/** Tells, once the browser has shown something and has nothing to do (or after half a second), that the rest may follow. */
export function firstDrawn(): void {
  const tell = () => useFirstDrawn.setState(true, true);
  requestAnimationFrame(() =>
    typeof requestIdleCallback === 'function'
      ? requestIdleCallback(tell, { timeout: 500 })
      : setTimeout(tell),
  );
}
