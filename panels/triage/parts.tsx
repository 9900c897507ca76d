import type { ReactNode } from 'react';
import { View } from 'react-native';
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
