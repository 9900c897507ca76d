import { scaleLog } from 'd3-scale';
import { memo } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import type { Observation } from '@/core/estimates/observations';
import { ratioWords } from '@/core/estimates/words';
import { Pictured } from '@/panels/parts/Pictured';
import { dateWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';

/** So wide is the picture drawn, narrow and wide, so that points stay round. */
const WIDTHS = { narrow: 330, wide: 660 };
const HEIGHT = 300;
/** The scales go from the shortest that is estimated to the longest. */
const marks = [5, 15, 30, 60, 120, 240, 480, 960];
/** Points of one estimate stand a little beside each other, so many in a row. */
const BESIDE = 5;

type Props = { points: readonly Observation[]; ratio: number };

/** Each finished task as a point: what it was estimated at to the right, what it took upwards; open ones are hollow. */
export const Scatter = memo(function Scatter({ points, ratio }: Props) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const width = useWide() ? WIDTHS.wide : WIDTHS.narrow;
  const times = points.flatMap(({ estimate, actual }) => [estimate, actual]);
  const least = marks.findLast((mark) => mark <= Math.min(...times)) ?? 5;
  const most = Math.max(60, ...times);
  const x = scaleLog([least, most], [14, width - 14]).clamp(true);
  const y = scaleLog([least, most], [HEIGHT - 12, 12]).clamp(true);
  const shown = marks.filter((mark) => mark >= least && mark <= most);
  const hue = ({ categoryId, listId }: Observation) =>
    workspace.categories.get(categoryId ?? '')?.hue ?? workspace.lists.get(listId)?.hue ?? 'slate';
  const longer = points.filter(({ estimate, actual }) => actual > estimate).length;
  return (
    <Pictured
      asks="Estimate and what it took"
      answer={`${longer} of ${points.length} took longer than estimated`}
      heads={['task', 'finished', 'estimate', 'took']}
      lines={points.map(({ title, at, estimate, actual, open }) => [
        title,
        open ? 'open' : dateWords(dateOf(at, zone), workspace.settings),
        durationWords(estimate),
        durationWords(actual),
      ])}
      onLine={(line) => openPanel({ kind: 'task', id: points[line]?.id ?? '' })}
    >
      <View
        role="img"
        aria-label={`${points.length} tasks: the estimate to the right, what it took upwards; the middle one took ${ratioWords(ratio)} times its estimate`}
        className="px-2"
      >
        <Words size="xs" tone="soft">
          what it took
        </Words>
        <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`} preserveAspectRatio="none">
          {shown.map((mark) => (
            <Line key={mark} x1={x(mark)} x2={x(mark)} y1={0} y2={HEIGHT} stroke="var(--line)" />
          ))}
          {shown.map((mark) => (
            <Line key={mark} x1={0} x2={width} y1={y(mark)} y2={y(mark)} stroke="var(--line)" />
          ))}
          <Line
            x1={x(least)}
            y1={y(least)}
            x2={x(most)}
            y2={y(most)}
            stroke="var(--ink-soft)"
            strokeWidth={1.5}
          />
          <Line
            x1={x(least)}
            y1={y(least * ratio)}
            x2={x(most / Math.max(1, ratio))}
            y2={y((most * ratio) / Math.max(1, ratio))}
            stroke="var(--amber)"
            strokeWidth={2}
            strokeDasharray="6 5"
          />
          {points.map((point, i) => (
            <Dot
              key={point.id}
              x={x(point.estimate) + 3 * ((i % BESIDE) - (BESIDE - 1) / 2)}
              y={y(point.actual)}
              hue={hue(point)}
              open={point.open}
            />
          ))}
        </Svg>
        <View className="absolute left-2 top-4 w-16" style={{ height: HEIGHT }}>
          {shown.slice(1).map((mark) => (
            <View key={mark} className="absolute bg-surface pr-1" style={{ top: y(mark) - 8 }}>
              <Words size="xs" face="mono" tone="soft">
                {durationWords(mark)}
              </Words>
            </View>
          ))}
        </View>
        <View className="h-5">
          {shown.map((mark) => (
            <View
              key={mark}
              className="absolute w-12 items-center"
              style={{ left: `${(100 * x(mark)) / width}%`, marginLeft: -24 }}
            >
              <Words size="xs" face="mono" tone="soft">
                {durationWords(mark)}
              </Words>
            </View>
          ))}
        </View>
        <Words size="xs" tone="soft">
          estimated, on scales that double; drawn through: as estimated, dashed: {ratioWords(ratio)} times
        </Words>
      </View>
    </Pictured>
  );
});

type DotProps = { x: number; y: number; hue: string; open: boolean };

const Dot = ({ x, y, hue, open }: DotProps) =>
  open ? (
    <Rect
      x={x - 4}
      y={y - 4}
      width={8}
      height={8}
      fill="var(--surface)"
      stroke={`var(--${hue}-edge)`}
      strokeWidth={2}
    />
  ) : (
    <Circle cx={x} cy={y} r={5} fill={`var(--${hue}-edge)`} opacity={0.75} />
  );
