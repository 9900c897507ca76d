import { useMoment } from '@/ui/clock';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useWide } from '@/ui/useWide';
import { DayStrip } from './DayStrip';

/** A screen with the strip of a day beside it, where there is room for both. */
export function WithStrip({ date, children }: { date: string; children: ReactNode }) {
  const { now } = useMoment();
  const wide = useWide();
  if (!wide) return children;
  return (
    <View className="flex-1 flex-row">
      <View className="flex-1">{children}</View>
      <View role="complementary" aria-label="The day’s strip" className="w-[400px] border-l border-line">
        <DayStrip dates={[date]} now={now} pixelsPerHour={64} />
      </View>
    </View>
  );
}
