import { useEffect, useState } from 'react';

/** Gives the keyboard back to what had it before this opened, unless something else has it by then. */
export function useFocusBack(): void {
  // before anything within takes it
  const [opener] = useState(() => document.activeElement);
  useEffect(
    () => () => {
      setTimeout(() => {
        const lost = document.activeElement === null || document.activeElement === document.body;
        if (lost && opener instanceof HTMLElement && opener.isConnected) opener.focus();
      }, 0);
    },
    [opener],
  );
}
