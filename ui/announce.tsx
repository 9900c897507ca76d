import { useEffect } from 'react';
import { View } from 'react-native';
import { create } from 'zustand';
import { Words } from './Words';

const useSaid = create(() => ({ words: '' }));

/** Says something to who cannot see that it changed, once the screen reader has come to the end of its sentence. */
export const announce = (words: string): void => useSaid.setState({ words });

/** Where it is said; stands once, around all screens. */
export const Announced = () => (
  <View aria-live="polite" className="absolute h-px w-px overflow-hidden">
    <Words>{useSaid(({ words }) => words)}</Words>
  </View>
);

/** Names the page by what is shown, in the browser’s tab and aloud when it changes. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    const whole = `${title} · Sprindle`;
    if (document.title === whole) return;
    document.title = whole;
    announce(title);
  }, [title]);
}
