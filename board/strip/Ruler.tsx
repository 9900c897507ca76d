import type { ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Path, Polygon } from 'react-native-svg';
import { MINUTE } from '@/core/time/span';
import { clockWords, hourWords, type ClockStyle } from '@/core/time/words';
import { dateOf, daysBetween, wallOf, type Zone } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import type { Scale } from './scale';

const RULER_WIDTH = forText(56);
const SECOND_WIDTH = forText(46);

/** How wide the ruler is, with a second time zone beside it or without. */
export const useRulerWidth = (): number =>
  RULER_WIDTH + (useWorkspace().settings.secondZone ? SECOND_WIDTH : 0);

const HOUR = 60 * MINUTE;

/** The instants of the full hours of a day, elapsed time, so that a clock change shows as it is. */
export const hoursOf = ({ day }: Scale): number[] =>
  Array.from({ length: Math.ceil((day.to - day.from) / HOUR) }, (_, i) => day.from + i * HOUR);

/** The ruler down the edge of a day: quarter-hour ticks and the hours. */
export function Ruler({ scale, clock }: { scale: Scale; clock: ClockStyle }) {
  const { zone } = useMoment();
  const ticks = hoursOf(scale).flatMap((hour) =>
    [0, 1, 2, 3].map((quarter) => {
      const y = Math.round(scale.y(hour + quarter * 15 * MINUTE)) + 0.5;
      return `M${RULER_WIDTH} ${y}h-${[14, 5, 8, 5][quarter] ?? 5}`;
    }),
  );
  const { secondZone } = useWorkspace().settings;
  const labels = (label: (hour: number) => string) =>
    hoursOf(scale)
      .slice(1)
      .map((hour) => (
        <View key={hour} className="absolute w-10 items-end pr-1" style={{ left: 0, top: scale.y(hour) - 8 }}>
          <Words size="xs" face="mono" tone="soft">
            {label(hour)}
          </Words>
        </View>
      ));
  const own = labels((hour) => hourWords(hour, zone, clock));
  if (!secondZone) return <OneRuler scale={scale} ticks={ticks} labels={own} />;
  return (
    <View className="flex-row">
      <View
        aria-hidden
        className="border-r border-line"
        style={{ width: SECOND_WIDTH, height: scale.height }}
      >
        {labels((hour) => secondHour(hour, secondZone, zone, clock))}
      </View>
      <OneRuler scale={scale} ticks={ticks} labels={own} />
    </View>
  );
}

/** An hour of a second zone; where its midnight begins another day, by how many days it is ahead of the first. */
function secondHour(hour: number, second: Zone, zone: Zone, clock: ClockStyle): string {
  const words = hourWords(hour, second, clock);
  if (wallOf(hour, second).slice(11, 13) !== '00') return words;
  const ahead = daysBetween(dateOf(hour, zone), dateOf(hour, second));
  return ahead === 0 ? words : `${words} ${ahead > 0 ? '+' : '−'}${Math.abs(ahead)}`;
}

type OneProps = { scale: Scale; ticks: readonly string[]; labels: ReactNode };

function OneRuler({ scale, ticks, labels }: OneProps) {
  return (
    <View aria-hidden style={{ width: RULER_WIDTH, height: scale.height }}>
      <Svg width={RULER_WIDTH} height={scale.height}>
        <Path d={ticks.join('')} stroke="var(--ink-soft)" strokeWidth={1} />
      </Svg>
      {labels}
    </View>
  );
}

/** The present moment: a wedge on the ruler with the time, no line through the blocks. */
export function NowWedge({ scale, now, clock }: { scale: Scale; now: number; clock: ClockStyle }) {
  const { zone } = useMoment();
  const left = useRulerWidth() - RULER_WIDTH;
  if (now < scale.day.from || now >= scale.day.to) return null;
  return (
    <View
      role="img"
      aria-label={`Now, ${clockWords(now, zone, clock)}`}
      className="absolute flex-row"
      style={{ left, top: scale.y(now) - 10 }}
    >
      <View className="h-5 justify-center bg-amber pl-1">
        <Words size="xs" face="mono" tone="onAmber">
          {clockWords(now, zone, clock).replace(/ [ap]m/, '')}
        </Words>
      </View>
      <Svg width={10} height={20}>
        <Polygon points="0,0 10,10 0,20" fill="var(--amber)" />
      </Svg>
    </View>
  );
}
