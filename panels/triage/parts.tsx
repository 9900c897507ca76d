import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Words } from '@/ui/Words';

/** Choices of a kind in a row, under their name. */
export const Row = ({ label, children }: { label: string; children: ReactNode }) => (
  <View role="group" aria-label={label} className="gap-1">
    <Words size="xs" tone="soft">
      {label}
    </Words>
    <View className="flex-row flex-wrap gap-2">{children}</View>
  </View>
);

type ToggleProps = { label: string; on?: boolean; onPress: () => void; wide?: boolean };

/** A large choice that is on or off; what is on has a thick lower edge. `wide` ones take half a row. */
export const Toggle = ({ label, on = false, onPress, wide = false }: ToggleProps) => (
  <Pressable
    role="button"
    aria-label={label}
    aria-pressed={on}
    onPress={onPress}
    className={`min-h-[44px] items-center justify-center rounded-lg border bg-surface px-3 hover:border-ink-soft ${on ? 'border-b-4 border-pine' : 'border-line'} ${wide ? 'min-w-[45%] flex-1' : ''}`}
  >
    <Words face="strong">{label}</Words>
  </Pressable>
);
