import { startTransition, Suspense, useEffect, useReducer, useRef, type ReactNode } from 'react';
import { loadedSoFar, onLoaded } from './later';

/**
 * Shows something else, or nothing, until what is drawn within it has been loaded. Left to itself React would draw it when it
 * has nothing else to draw, and begin anew whenever something else comes first: on a slow machine, with a timer that
 * ticks each second, never. A transition is drawn in one go after five seconds at the latest.
 */
export function UntilLoaded({ children, fallback }: { children: ReactNode; fallback?: ReactNode }) {
  const [, drawAgain] = useReducer((times: number) => times + 1, 0);
  const known = useRef(loadedSoFar());
  useEffect(() => {
    const draw = () => startTransition(drawAgain);
    if (loadedSoFar() !== known.current) draw();
    return onLoaded(draw);
  }, []);
  return <Suspense fallback={fallback}>{children}</Suspense>;
}
