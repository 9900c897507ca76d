import { useLayoutEffect, useRef, type ReactNode } from 'react';
import { View } from 'react-native';
import { create } from 'zustand';
import { elementOf } from './dom';

/** What lies beneath the sheets, and how many sheets there are. */
const beneath = new Set<HTMLElement>();
const useSheets = create(() => ({ count: 0 }));

const settle = () => {
  for (const element of beneath) element.inert = useSheets.getState().count > 0;
};
useSheets.subscribe(settle);

/** Whether a sheet lies over the screen. */
export const useIsCovered = (): boolean => useSheets(({ count }) => count > 0);

/** Makes what lies beneath inert for as long as the sheet that calls it stands. */
export function useCovering(): void {
  useLayoutEffect(() => {
    const add = (more: number) => useSheets.setState(({ count }) => ({ count: count + more }));
    add(1);
    return () => add(-1);
  }, []);
}

/** What cannot be reached, neither by keys nor by a screen reader, while a sheet lies over it. */
export function Beneath({ grow = false, children }: { grow?: boolean; children: ReactNode }) {
  const view = useRef<View>(null);
  useLayoutEffect(() => {
    const element = elementOf(view.current);
    if (!element) return undefined;
    beneath.add(element);
    settle();
    return () => void beneath.delete(element);
  }, []);
  return (
    <View ref={view} className={grow ? 'flex-1 low:flex-none' : ''}>
      {children}
    </View>
  );
}
