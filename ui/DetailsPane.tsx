import { useDeferredValue, useEffect, useRef, type ReactNode } from 'react';
import { View } from 'react-native';
import { announce } from './announce';
import { Boundary } from './Boundary';
import { elementOf } from './dom';
import { IconButton } from './Button';
import { belongsInPane, closePanel, usePanel, usePanels, type Opened } from './panels';
import { escapeWithin } from './escapes';
import { useFocusBack } from './focusBack';
import { typedIsWanted } from './typedAhead';
import { Heading } from './Words';
import { ScrollRegion } from './ScrollRegion';
import { UntilLoaded } from './UntilLoaded';

/** Whether something is open that belongs in the pane, in a component; the press that opened it is answered first. */
export const useIsPaneFilled = () => useDeferredValue(usePanels(({ shown }) => belongsInPane(shown)));

/** How wide the pane is where nothing asks for its room, in pixels. */
const WIDTH = 308;

/** The pane at the right of a wide screen: what was opened last, or its children while nothing is. */
export function DetailsPane({ children, width = WIDTH }: { children: ReactNode; width?: number }) {
  // the press that opens it is answered first
  const shown = useDeferredValue(usePanels((state) => state.shown));
  const times = useDeferredValue(usePanels((state) => state.times));
  return (
    <View
      role="complementary"
      aria-label="Details"
      className="not-printed border-l border-line bg-ground"
      style={{ width }}
    >
      {shown && belongsInPane(shown) ? (
        <Boundary key={`${shown.kind} ${times}`} what="What was opened">
          <UntilLoaded>
            <Shown panel={shown} />
          </UntilLoaded>
        </Boundary>
      ) : (
        children
      )}
    </View>
  );
}

/** Escape closes the pane, unless something else is busy with it; `after` is done with what it showed. */
export function useEscapeFromPane(isBusy: () => boolean, after?: (shown: Opened) => void): void {
  useEffect(() => {
    const onEscape = ({ key }: KeyboardEvent) => {
      const { shown, hasPane } = usePanels.getState();
      if (key !== 'Escape' || isBusy() || !hasPane || !shown || !belongsInPane(shown)) return;
      if (escapeWithin()) return;
      closePanel();
      after?.(shown);
    };
    // on its way down, as text fields keep their keys to themselves
    window.addEventListener('keydown', onEscape, { capture: true });
    return () => window.removeEventListener('keydown', onEscape, { capture: true });
  }, [isBusy, after]);
}

function Shown({ panel }: { panel: Opened }) {
  const { useTitle, Content } = usePanel(panel);
  const title = useTitle(panel);
  const head = useRef<View>(null);
  const wentOn = useFocusBack();
  useEffect(typedIsWanted, [panel]);
  useEffect(() => announce(`Opened: ${title}`), [title]);
  useEffect(() => {
    const element = elementOf(head.current);
    const pane = element?.closest('[role=complementary]');
    // whoever goes on from one thing to another by keys stays here
    if (wentOn && !pane?.contains(document.activeElement)) element?.focus();
  }, [wentOn]);
  return (
    <ScrollRegion className="scroll-pb-20" contentContainerClassName="gap-4 px-4 pb-6 pt-4">
      <View ref={head} tabIndex={-1} className="flex-row items-start justify-between gap-2">
        <View className="flex-1">
          <Heading level={2}>{title}</Heading>
        </View>
        <IconButton label="Close the details" icon="close" onPress={closePanel} />
      </View>
      <Content {...panel} />
    </ScrollRegion>
  );
}
