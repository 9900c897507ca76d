import type { ReactNode } from 'react';
import { View } from 'react-native';

/** What a panel is for, in sight below all that it holds, however long that is. */
export const Foot = ({ children }: { children: ReactNode }) => (
  <View className="not-printed foot sticky bottom-0 z-10 -mx-4 flex-row flex-wrap gap-2 border-t border-line bg-ground px-4 py-2">
    {children}
  </View>
);
