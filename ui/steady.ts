import { useState, useSyncExternalStore } from 'react';

let pressed = false;
const listeners = new Set<() => void>();

function setPressed(now: boolean): void {
  pressed = now;
  listeners.forEach((listener) => listener());
}

// what was pressed hears of it before anything moves
const release = () => void setTimeout(() => setPressed(false), 0);

function listen(listener: () => void): () => void {
  if (listeners.size === 0) {
    addEventListener('pointerdown', press, { capture: true });
    addEventListener('pointerup', release, { capture: true });
    addEventListener('pointercancel', release, { capture: true });
  }
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
const press = () => setPressed(true);

/**
 * The value as it stood when a press began, until that has ended: what comes or goes at the same moment, such as a notice
 * of what a field saved as it was left, must not move beneath the finger.
 */
export function useSteady<T>(value: T): T {
  const isPressed = useSyncExternalStore(listen, () => pressed);
  const [shown, setShown] = useState(value);
  if (!isPressed && shown !== value) setShown(value);
  return isPressed ? shown : value;
}
