import { useEffect, useState } from 'react';

/** What was pressed on the screen itself to open what is open now, while one panel takes the place of another. */
let onScreen: Element | null = null;

const isWithin = (element: Element | null) =>
  element !== null && element.closest('[role=dialog], [role=complementary]') !== null;

/**
 * Gives the keyboard back to what had it before this opened, unless something else has it by then. Returns whether it was
 * opened from what it takes the place of.
 */
export function useFocusBack(): boolean {
  // before anything within takes it
  const [openers] = useState(() => {
    const opener = document.activeElement;
    if (!isWithin(opener)) onScreen = opener;
    return [opener, onScreen];
  });
  useEffect(
    () => () => {
      setTimeout(() => {
        const lost = document.activeElement === null || document.activeElement === document.body;
        const goal = openers.find((opener) => opener instanceof HTMLElement && opener.isConnected);
        if (lost && goal instanceof HTMLElement) goal.focus();
      }, 0);
    },
    [openers],
  );
  return isWithin(openers[0] ?? null);
}
