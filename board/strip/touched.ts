import { useEffect, type RefObject } from 'react';
import { create } from 'zustand';

/** What was touched last of what is too narrow to bear its title, in words. */
export const useTouched = create<{ words: string }>(() => ({ words: '' }));

/** Notes what is touched, pointed at or gets the keyboard of the cards in a strip, for as long as they are `slivers`. */
export function useNotesTouched(strip: RefObject<HTMLElement | null>, slivers: boolean): void {
  useEffect(() => {
    const element = strip.current;
    if (!element || !slivers) return;
    const note = ({ target }: Event) => {
      const card = target instanceof Element ? target.closest('[id^="card-"]') : null;
      if (card) useTouched.setState({ words: card.getAttribute('aria-label') ?? '' });
    };
    const events = ['pointerdown', 'pointerover', 'focusin'];
    for (const event of events) element.addEventListener(event, note, { capture: true });
    return () => {
      for (const event of events) element.removeEventListener(event, note, { capture: true });
      useTouched.setState({ words: '' });
    };
  }, [strip, slivers]);
}
