import { memo } from 'react';
import { scaleLinear, scalePoint } from 'd3-scale';
import { area, line } from 'd3-shape';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import type { WeekSum } from '@/core/review/rhythm';
import type { PictureOf } from '@/core/review/told/picture';
import { asks, pictureSays } from '@/core/review/told/pictureSays';
import { dayMonthWords, durationWords, signedWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';
import { Pictured } from '@/panels/parts/Pictured';

const WIDTH = 660;
const HEIGHT = 160;

type Props = { picture: PictureOf<'weeks'>; onWeek: (week: string) => void };

/** How planned and actual went over the weeks: planned dashed, actual drawn through, what lies between them shaded. */
export const WeeksPicture = memo(function WeeksPicture({ picture, onWeek }: Props) {
  const { settings } = useWorkspace();
  const { weeks } = picture;
  const top = Math.max(...weeks.flatMap(({ planned, actual }) => [planned, actual]), 1);
  const x = scalePoint(
    weeks.map(({ week }) => week),
    [8, WIDTH - 8],
  );
  const y = scaleLinear([0, top], [HEIGHT - 4, 6]);
  const at = ({ week }: WeekSum) => x(week) ?? 0;
  const through = (of: 'planned' | 'actual') => line<WeekSum>(at, (each) => y(each[of]))(weeks) ?? '';
  const between =
    area<WeekSum>(
      at,
      ({ planned }) => y(planned),
      ({ actual }) => y(actual),
    )(weeks) ?? '';
  const [first, last] = [weeks[0]?.week ?? '', weeks.at(-1)?.week ?? ''];
  return (
    <Pictured
      asks={asks.weeks}
      answer={pictureSays(picture, settings)}
      heads={['week of', 'planned', 'actual', 'drift']}
      lines={weeks.map(({ week, planned, actual }) => [
        dayMonthWords(week, settings),
        durationWords(planned),
        durationWords(actual),
        signedWords(actual - planned),
      ])}
      onLine={(line) => onWeek(weeks[line]?.week ?? '')}
    >
      <View
        role="img"
        aria-label={`Hours of ${weeks.length} weeks: planned dashed, actual drawn through, up to ${durationWords(top)}`}
      >
        <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none">
          <Line x1={0} x2={WIDTH} y1={y(0)} y2={y(0)} stroke="var(--line)" />
          <Path d={between} fill="var(--amber)" opacity={0.18} />
          <Path
            d={through('planned')}
            stroke="var(--meeting)"
            strokeWidth={2}
            strokeDasharray="6 5"
            fill="none"
          />
          <Path d={through('actual')} stroke="var(--pine)" strokeWidth={2.5} fill="none" />
          {weeks.map((each) => (
            <Circle key={each.week} cx={at(each)} cy={y(each.actual)} r={4} fill="var(--pine)" />
          ))}
        </Svg>
        <View className="absolute left-0 right-0 top-0 flex-row" style={{ height: HEIGHT }}>
          {weeks.map(({ week }) => (
            <Pressable
              key={week}
              focusable={false}
              onPress={() => onWeek(week)}
              className="hover:bg-meeting/10 h-full flex-1"
            />
          ))}
        </View>
        <View className="flex-row justify-between">
          <Words size="xs" tone="soft">
            {dayMonthWords(first, settings)}
          </Words>
          <Words size="xs" tone="soft">
            planned dashed, actual drawn through
          </Words>
          <Words size="xs" tone="soft">
            {dayMonthWords(last, settings)}
          </Words>
        </View>
      </View>
    </Pictured>
  );
});
