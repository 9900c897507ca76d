import { useRef } from 'react';

/**
 * What a Pressable does when it is held and let go again: not before, as the end of the touch would close what opens.
 */
export function useHold(act: (() => void) | undefined) {
  const held = useRef(false);
  if (!act) return {};
  return {
    // before the browser takes it for the wish to see a menu
    delayLongPress: 350,
    onLongPress: () => {
      held.current = true;
    },
    onPressOut: () => {
      if (held.current) act();
      held.current = false;
    },
  };
}
