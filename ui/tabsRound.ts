import { useEffect, type RefObject } from 'react';
import type { View } from 'react-native';
import { tabbable } from 'tabbable';
import { elementOf } from './dom';

/**
 * Has Tab go round within what lies over the screen, backwards, too: the trap of React Native for Web takes what scrolls for
 * the last stop.
 */
export function useTabsRound(within: RefObject<View | null>): void {
  useEffect(() => {
    const element = elementOf(within.current);
    if (!element) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Tab') return;
      const stops = tabbable(element);
      const [first, last] = [stops[0], stops.at(-1)];
      const [from, to] = event.shiftKey ? [first, last] : [last, first];
      if (document.activeElement !== from || !to) return;
      event.preventDefault();
      to.focus();
    };
    element.addEventListener('keydown', onKey);
    return () => element.removeEventListener('keydown', onKey);
  }, [within]);
}
