import { Suspense, useDeferredValue, useEffect, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { announce } from './announce';
import { Boundary } from './Boundary';
import { IconButton } from './Button';
import { belongsInPane, closePanel, usePanel, usePanels, type Opened } from './panels';
import { useFocusBack } from './focusBack';
import { Heading } from './Words';

/** The pane at the right of a wide screen: what was opened last, or its children while nothing is. */
export function DetailsPane({ children }: { children: ReactNode }) {
  // the press that opens it is answered first
  const shown = useDeferredValue(usePanels((state) => state.shown));
  return (
    <View role="complementary" aria-label="Details" className="w-[308px] border-l border-line bg-ground">
      {shown && belongsInPane(shown) ? (
        <Boundary key={shown.kind} what="What was opened">
          <Suspense>
            <Shown panel={shown} />
          </Suspense>
        </Boundary>
      ) : (
        children
      )}
    </View>
  );
}

function Shown({ panel }: { panel: Opened }) {
  const { useTitle, Content } = usePanel(panel);
  const title = useTitle(panel);
  useFocusBack();
  useEffect(() => announce(`Opened: ${title}`), [title]);
  return (
    <ScrollView tabIndex={0} contentContainerClassName="gap-4 px-4 pb-6 pt-4">
      <View className="flex-row items-start justify-between gap-2">
        <View className="flex-1">
          <Heading level={2}>{title}</Heading>
        </View>
        <IconButton label="Close the details" icon="close" onPress={closePanel} />
      </View>
      <Content {...panel} />
    </ScrollView>
  );
}
