import { Navigator } from 'expo-router';
import { useDeferredValue } from 'react';

/**
 * The screen that the address names. A new one, or the same with another day or view, is drawn beside what stands, which
 * goes on answering until the new one is whole; so whatever is pressed answers at once.
 */
export const Screens = () => (
  <Navigator>
    <Screen />
  </Navigator>
);

function Screen() {
  const { state, descriptors } = Navigator.useContext();
  const { key = '' } = state.routes[state.index] ?? {};
  return useDeferredValue(descriptors[key]?.render() ?? null);
}
