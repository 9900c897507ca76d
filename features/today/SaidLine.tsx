import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Words } from '@/ui/Words';

/** Something about the day that asks for an answer, and the press that gives it. */
export const SaidLine = ({ words, children }: { words: string; children: ReactNode }) => (
  <View role="status" className="flex-row flex-wrap items-center gap-2 border-y border-line bg-surface px-4">
    <View className="min-w-[9rem] flex-1">
      <Words face="strong">{words}</Words>
    </View>
    {children}
  </View>
);
