import { useMoment } from '@/ui/clock';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useWide } from '@/ui/useWide';
import { DayStrip } from './DayStrip';

/** How wide the strip is, in pixels. */
const WIDTH = 400;

/** A screen with the strip of a day beside it, where there is room for both. */
export function WithStrip({ date, children }: { date: string; children: ReactNode }) {
  const { now } = useMoment();
  const wide = useWide();
  if (!wide) return children;
  return (
    <View className="flex-1 flex-row">
      <View className="flex-1">{children}</View>
      <View
        role="complementary"
        aria-label="The day’s strip"
        className="border-l border-line"
        style={{ width: WIDTH }}
      >
        <DayStrip dates={[date]} now={now} width={WIDTH} pixelsPerHour={64} />
      </View>
    </View>
  );
}
