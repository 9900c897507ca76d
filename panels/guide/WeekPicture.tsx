import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { hueOfZone } from '@/core/frame/looks';
import { shapeOf } from '@/core/frame/shape';
import { DAY_MINUTES, type FrameZone } from '@/core/model/frame';
import { useWorkspace } from '@/state/shown';
import { clockOf } from '@/core/time/wall';
import { weekdaysFrom } from '@/core/time/week';
import { timeWords } from '@/core/time/words';
import { Words } from '@/ui/Words';

const WIDTH = 280;
const HEIGHT = 144;
const DAY = WIDTH / 7;

/** The hours that are named beside the week. */
const NAMED = [6, 12, 18];
const y = (minutes: number) => (HEIGHT * minutes) / DAY_MINUTES;

/** A week at a glance: a column a day, from midnight to midnight, with its hours. What it shows is told beside it. */
export function WeekPicture({ zones }: { zones: readonly FrameZone[] }) {
  const { clock } = useWorkspace().settings;
  return (
    <View aria-hidden className="flex-row gap-1.5">
      <View className="items-end" style={{ height: HEIGHT, width: clock === 12 ? 60 : 42 }}>
        {NAMED.map((hour) => (
          <View key={hour} className="absolute right-0" style={{ top: y(hour * 60) - 8 }}>
            <Words size="xs" face="mono" tone="soft">
              {timeWords(clockOf(hour * 60), clock)}
            </Words>
          </View>
        ))}
      </View>
      <View className="flex-1">
        <Week zones={zones} />
      </View>
    </View>
  );
}

function Week({ zones }: { zones: readonly FrameZone[] }) {
  const workspace = useWorkspace();
  const weekdays = weekdaysFrom(workspace.settings.weekStart);
  return (
    <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none">
      <Rect x={0} y={0} width={WIDTH} height={HEIGHT} fill="var(--surface)" />
      {shapeOf(zones).map(({ zone, weekday, from, to }) => {
        const hue = hueOfZone(zone, workspace);
        const x = weekdays.indexOf(weekday) * DAY;
        return [
          <Rect
            key={`${zone.id} ${weekday} ${from}`}
            x={x + 1}
            y={y(from)}
            width={DAY - 2}
            height={y(to - from)}
            fill={`var(--${hue}-fill)`}
          />,
          <Rect
            key={`${zone.id} ${weekday} ${from} edge`}
            x={x + 1}
            y={y(from)}
            width={4}
            height={y(to - from)}
            fill={`var(--${hue}-edge)`}
          />,
        ];
      })}
      {NAMED.map((hour) => (
        <Line
          key={hour}
          x1={0}
          x2={WIDTH}
          y1={y(hour * 60)}
          y2={y(hour * 60)}
          stroke="var(--line)"
          strokeWidth={0.5}
        />
      ))}
    </Svg>
  );
}
