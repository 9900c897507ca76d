import type { ReactNode } from 'react';
import { useMoment } from '@/ui/clock';
import { WithAside } from '@/ui/WithAside';
import { DayStrip } from './DayStrip';

/** How wide the strip is, in pixels. */
const WIDTH = 400;

/** A screen with the strip of a day beside it, where there is room for both. */
export function WithStrip({ date, children }: { date: string; children: ReactNode }) {
  const { now } = useMoment();
  const strip = <DayStrip dates={[date]} now={now} width={WIDTH} pixelsPerHour={64} />;
  return (
    <WithAside label="The day’s strip" width={WIDTH} aside={strip}>
      {children}
    </WithAside>
  );
}
