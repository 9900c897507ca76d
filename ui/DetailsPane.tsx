import { Suspense, useDeferredValue } from 'react';
import { ScrollView, View } from 'react-native';
import { Boundary } from '@/ui/Boundary';
import { IconButton } from '@/ui/Button';
import { belongsInPane, closePanel, usePanel, usePanels, type Opened } from '@/ui/panels';
import { useFocusBack } from '@/ui/focusBack';
import { Heading, Words } from '@/ui/Words';

/** The pane at the right of a wide screen: what was opened last. */
export function DetailsPane() {
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
        <Hint />
      )}
    </View>
  );
}

function Shown({ panel }: { panel: Opened }) {
  const { useTitle, Content } = usePanel(panel);
  useFocusBack();
  return (
    <ScrollView tabIndex={0} contentContainerClassName="gap-4 px-4 pb-6 pt-4">
      <View className="flex-row items-start justify-between gap-2">
        <View className="flex-1">
          <Heading level={2}>{useTitle(panel)}</Heading>
        </View>
        <IconButton label="Close the details" icon="close" onPress={closePanel} />
      </View>
      <Content {...panel} />
    </ScrollView>
  );
}

const hints = [
  'Drag a task onto an hour, or into the tray of the day.',
  'Drag the lower edge of a block to change its length.',
  'Drag a block back to the list to take it off.',
  'By keyboard: Tab to a task or block, Space picks it up, arrows move it, Shift with arrows changes its length, Enter drops it. N and P go on and back, D makes one more, ? lists all keys.',
];

const Hint = () => (
  <View className="gap-3 px-4 pt-4">
    <Heading level={2}>Details</Heading>
    <Words tone="soft">Click a task, a block or a meeting to see it here.</Words>
    {hints.map((hint) => (
      <Words key={hint} size="xs" tone="soft">
        {hint}
      </Words>
    ))}
  </View>
);
