import { Pressable, View } from 'react-native';
import { Tick } from './Tick';
import { Words } from './Words';

type Props = {
  label: string;
  checked: boolean;
  onToggle: () => void;
  /** What a screen reader says, where the label alone is not enough. */
  says?: string;
  /** A few words at the right. */
  note?: string;
};

/** Something that is on or off. */
export function CheckBox({ label, checked, onToggle, says, note }: Props) {
  return (
    <Pressable
      role="checkbox"
      aria-checked={checked}
      aria-label={says ?? [label, note].filter(Boolean).join(', ')}
      onPress={onToggle}
      className="min-h-[44px] flex-row items-center gap-2"
    >
      <Tick ticked={checked} look="on" />
      <View className="shrink">
        <Words>{label}</Words>
      </View>
      {note !== undefined && (
        <Words size="xs" tone="soft">
          {note}
        </Words>
      )}
    </Pressable>
  );
}
