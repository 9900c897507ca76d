import { Pressable } from 'react-native';
import { Icon, type IconName } from './icons';
import { Words, type Tone } from './Words';
import type { Colour } from './tokens';

const kinds = {
  primary: { box: 'bg-pine border-pine hover:opacity-90', tone: 'onPine', icon: 'on-pine' },
  plain: { box: 'bg-surface border-line hover:border-ink-soft', tone: 'ink', icon: 'ink' },
  danger: { box: 'bg-surface border-line hover:border-brick', tone: 'brick', icon: 'brick' },
  quiet: { box: 'bg-transparent border-transparent hover:bg-sunken', tone: 'pine', icon: 'pine' },
} satisfies Record<string, { box: string; tone: Tone; icon: Colour }>;

type Props = {
  label: string;
  /** What a screen reader says, where the label alone is not enough ("Start Grant report"). */
  says?: string;
  onPress: () => void;
  kind?: keyof typeof kinds;
  icon?: IconName | undefined;
  disabled?: boolean;
  grow?: boolean;
};

/** A button with words. */
export function Button({
  label,
  says,
  onPress,
  kind = 'plain',
  icon,
  disabled = false,
  grow = false,
}: Props) {
  const { box, tone, icon: colour } = kinds[kind];
  return (
    <Pressable
      role="button"
      aria-label={says ?? label}
      disabled={disabled}
      onPress={onPress}
      className={`not-printed min-h-[44px] max-w-full flex-row items-center justify-center gap-2 rounded-lg border px-3.5 py-1.5 ${box} ${disabled ? 'opacity-50' : ''} ${grow ? 'flex-1' : ''}`}
    >
      {icon && <Icon name={icon} size={16} colour={colour} />}
      <Words face="strong" tone={tone}>
        {label}
      </Words>
    </Pressable>
  );
}

/** A button that is only an icon; `label` is what it is called. */
export function IconButton({
  label,
  icon,
  onPress,
  disabled = false,
  colour = 'ink',
}: {
  label: string;
  icon: IconName;
  onPress: () => void;
  disabled?: boolean;
  colour?: Colour;
}) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      disabled={disabled}
      onPress={onPress}
      className={`not-printed h-[44px] w-[44px] items-center justify-center rounded-lg hover:bg-sunken ${disabled ? 'opacity-40' : ''}`}
    >
      <Icon name={icon} colour={colour} />
    </Pressable>
  );
}
