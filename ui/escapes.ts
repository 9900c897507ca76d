import { useEffect, useRef } from 'react';

/** What Escape closes first, the latest last: what is open within something that Escape closes, too. */
const within: (() => void)[] = [];

/** Has Escape do this before it closes what lies around, as long as there is something to do. */
export function useEscape(act: (() => void) | null): void {
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  const has = act !== null;
  useEffect(() => {
    if (!has) return;
    const one = () => latest.current?.();
    within.push(one);
    return () => void within.splice(within.indexOf(one), 1);
  }, [has]);
}

/** Does what Escape does first; returns whether there was anything. */
export function escapeWithin(): boolean {
  const act = within.at(-1);
  act?.();
  return act !== undefined;
}
