import { usePathname } from 'expo-router';
import { Pressable, View } from 'react-native';
import { FindButton } from '@/board/FindButton';
import { Icon } from '@/ui/icons';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';

/** The way to the quick line in thumb reach, above the places of a phone; Plan and Tasks have a field of their own there. */
export function QuickBar() {
  const wide = useWide();
  const path = usePathname();
  if (wide || path === '/plan' || path === '/tasks') return null;
  return (
    <View className="not-printed flex-row items-center gap-1 border-t border-line bg-surface py-1.5 pl-3 pr-1">
      <Pressable
        role="button"
        aria-label="Quick line: note a task in plain words"
        onPress={() => openPanel({ kind: 'quick' })}
        className="min-h-[44px] flex-1 flex-row items-center gap-2 rounded-lg border border-ink-soft px-3"
      >
        <Icon name="add" size={16} colour="pine" />
        <Words tone="soft">Note a task in plain words</Words>
      </Pressable>
      <FindButton />
    </View>
  );
}
