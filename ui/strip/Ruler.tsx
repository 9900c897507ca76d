import { View } from 'react-native';
import Svg, { Path, Polygon } from 'react-native-svg';
import { MINUTE } from '@/core/time/span';
import { clockWords, type ClockStyle } from '@/core/time/words';
import { session } from '@/state/session';
import { Words } from '../Words';
import type { Scale } from './scale';

export const RULER_WIDTH = 56;

const HOUR = 60 * MINUTE;

/** The instants of the full hours of a day, elapsed time, so that a clock change shows as it is. */
export const hoursOf = ({ day }: Scale): number[] =>
  Array.from({ length: Math.ceil((day.to - day.from) / HOUR) }, (_, i) => day.from + i * HOUR);

/** The ruler down the edge of a day: quarter-hour ticks and the hours. */
export function Ruler({ scale, clock }: { scale: Scale; clock: ClockStyle }) {
  const ticks = hoursOf(scale).flatMap((hour) =>
    [0, 1, 2, 3].map((quarter) => {
      const y = Math.round(scale.y(hour + quarter * 15 * MINUTE)) + 0.5;
      return `M${RULER_WIDTH} ${y}h-${[14, 5, 8, 5][quarter] ?? 5}`;
    }),
  );
  return (
    <View aria-hidden style={{ width: RULER_WIDTH, height: scale.height }}>
      <Svg width={RULER_WIDTH} height={scale.height}>
        <Path d={ticks.join('')} stroke="var(--ink-soft)" strokeWidth={1} />
      </Svg>
      {hoursOf(scale)
        .slice(1)
        .map((hour) => (
          <View key={hour} className="absolute left-0 w-10 items-end pr-1" style={{ top: scale.y(hour) - 8 }}>
            <Words size="xs" face="mono" tone="soft">
              {clockWords(hour, session.zone, clock).replace(/:00/, '')}
            </Words>
          </View>
        ))}
    </View>
  );
}

/** The present moment: a wedge on the ruler with the time, no line through the blocks. */
export function NowWedge({ scale, now, clock }: { scale: Scale; now: number; clock: ClockStyle }) {
  if (now < scale.day.from || now >= scale.day.to) return null;
  return (
    <View
      role="img"
      aria-label={`Now, ${clockWords(now, session.zone, clock)}`}
      className="absolute left-0 flex-row"
      style={{ top: scale.y(now) - 10 }}
    >
      <View className="h-5 justify-center bg-amber pl-1">
        <Words size="xs" face="mono" tone="onAmber">
          {clockWords(now, session.zone, clock).replace(/ [ap]m/, '')}
        </Words>
      </View>
      <Svg width={10} height={20}>
        <Polygon points="0,0 10,10 0,20" fill="var(--amber)" />
      </Svg>
    </View>
  );
}
