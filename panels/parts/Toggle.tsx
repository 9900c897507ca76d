import { Pressable } from 'react-native';
import { Words } from '@/ui/Words';

type Props = { label: string; on?: boolean; onPress: () => void; wide?: boolean };

/** A large choice that is on or off; what is on has a thick lower edge. `wide` ones take half a row. */
export const Toggle = ({ label, on = false, onPress, wide = false }: Props) => (
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
