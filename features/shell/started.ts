import { useEffect } from 'react';
import { kept } from '@/state/kept';
import { firstDrawn } from '@/ui/firstDrawn';

const starts = kept('sprindle.starts');

/** Tells the next page that this one came to stand: public/start.js counts those that did not. */
export function useStarted(stands: boolean): void {
  useEffect(() => {
    if (!stands) return;
    // after what stands has been painted
    const timer = setTimeout(starts.forget, 0);
    firstDrawn();
    return () => clearTimeout(timer);
  }, [stands]);
}
