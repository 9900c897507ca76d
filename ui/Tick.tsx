import { View } from 'react-native';
import { Icon } from './icons';

const looks = {
  /** That a task is done. */
  done: { on: 'border-leaf bg-leaf', icon: 'surface' },
  /** That something is chosen or switched on. */
  on: { on: 'border-pine bg-pine', icon: 'on-pine' },
} as const;

type Props = { ticked: boolean; look: keyof typeof looks; size?: 16 | 18 | 20 | 22 };

/** The square of a check box. What it belongs to says its role and name. */
export const Tick = ({ ticked, look, size = 22 }: Props) => (
  <View
    aria-hidden
    className={`items-center justify-center ${size === 16 ? 'border' : 'border-2'} ${ticked ? looks[look].on : 'border-ink-soft bg-surface hover:border-pine'}`}
    style={{ width: size, height: size }}
  >
    {ticked && <Icon name="check" size={size - 5} colour={looks[look].icon} />}
  </View>
);
