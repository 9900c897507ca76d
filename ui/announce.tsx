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

/** What the browser’s tab says: what runs, if anything does, and the page that is shown. */
const title = { runs: '', page: '' };
const nameTab = () =>
  void (document.title = [title.runs, title.page, 'Sprindle'].filter(Boolean).join(' · '));

/** Names the page by what is shown, in the browser’s tab and aloud when it changes. */
export function usePageTitle(page: string): void {
  useEffect(() => {
    if (title.page === page) return;
    title.page = page;
    nameTab();
    announce(page);
  }, [page]);
}

/** Says what runs in the browser’s tab, before the page; '' for nothing. */
export function useRunningTitle(runs: string): void {
  useEffect(() => {
    title.runs = runs;
    nameTab();
  }, [runs]);
}
