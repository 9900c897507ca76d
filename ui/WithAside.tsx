import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useWide } from './useWide';

type Props = {
  /** What stands beside the screen is called, and how wide it is (pixels). */
  label: string;
  width: number;
  aside: ReactNode;
  children: ReactNode;
};

/** A screen with something beside it, where there is room for both. */
export function WithAside({ label, width, aside, children }: Props) {
  const wide = useWide();
  if (!wide) return children;
  return (
    <View className="flex-1 flex-row">
      <View className="flex-1">{children}</View>
      <View role="complementary" aria-label={label} className="border-l border-line" style={{ width }}>
        {aside}
      </View>
    </View>
  );
}
