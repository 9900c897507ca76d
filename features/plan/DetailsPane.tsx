import { useEffect } from 'react';
import { ScrollView, View } from 'react-native';
import { IconButton } from '@/ui/Button';
import { useSheetContent } from '@/ui/SheetHost';
import { belongsInPane, closeSheet, useSheets, type OpenSheet } from '@/ui/sheets';
import { Heading, Words } from '@/ui/Words';

/** The pane at the right of a wide screen: what was opened last. */
export function DetailsPane() {
  const open = useSheets((state) => state.open);
  useEffect(() => {
    useSheets.setState({ hasPane: true });
    return () => useSheets.setState({ hasPane: false });
  }, []);
  return (
    <View role="complementary" aria-label="Details" className="w-[308px] border-l border-line bg-ground">
      {open && belongsInPane(open) ? <Shown sheet={open} /> : <Hint />}
    </View>
  );
}

function Shown({ sheet }: { sheet: OpenSheet }) {
  const { title, content } = useSheetContent(sheet);
  return (
    <ScrollView tabIndex={0} contentContainerClassName="gap-4 px-4 pb-6 pt-4">
      <View className="flex-row items-start justify-between gap-2">
        <View className="flex-1">
          <Heading level={2}>{title}</Heading>
        </View>
        <IconButton label="Close the details" icon="close" onPress={closeSheet} />
      </View>
      {content}
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
