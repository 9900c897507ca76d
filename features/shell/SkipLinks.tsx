import { View } from 'react-native';

/** Gives the keyboard to what a selector finds, be it something to press or a whole part of the page. */
function goTo(selector: string): void {
  const goal = document.querySelector<HTMLElement>(selector);
  if (!goal) return;
  if (goal.tabIndex < 0) goal.tabIndex = -1;
  goal.focus();
}

const LOOK =
  'sr-only focus:not-sr-only focus:absolute focus:left-2 focus:top-2 focus:z-50 focus:rounded-lg focus:border focus:border-pine focus:bg-surface focus:px-3.5 focus:py-3 font-strong text-sm text-pine';

/** The first that Tab comes to: ways past all else, seen while they have the keyboard. */
export const SkipLinks = () => (
  <View role="navigation" aria-label="Skip links">
    <button type="button" className={LOOK} onClick={() => goTo('[role=main]')}>
      Skip to the content
    </button>
    <button type="button" className={LOOK} onClick={() => goTo('[aria-label="Places"] a')}>
      Skip to the places
    </button>
  </View>
);
