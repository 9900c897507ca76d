import { useEffect } from 'react';

/** Tells the next page that this one came to stand: public/start.js counts those that did not. */
export function useStarted(stands: boolean): void {
  useEffect(() => {
    if (!stands) return;
    // after what stands has been painted
    const timer = setTimeout(() => {
      try {
        localStorage.removeItem('sprindle.starts');
      } catch {
        // storage is switched off: nothing counts starts then
      }
    }, 0);
    return () => clearTimeout(timer);
  }, [stands]);
}
