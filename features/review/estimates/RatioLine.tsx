import { scaleLog } from 'd3-scale';
import { View } from 'react-native';
import type { Ratios } from '@/core/estimates/told';
import type { Hue } from '@/core/model/common';
import { Words } from '@/ui/Words';

/** From a quarter of the estimate to four times it, as far to either side. */
const x = scaleLog([0.25, 4], [0, 100]).clamp(true);

type Props = { name: string; hue: Hue; ratios: Ratios; figure: string; says: string };

/** How many times its estimate something takes, on one scale: the middle half as a bar, the median as a line. */
export function RatioLine({ name, hue, ratios: { low, middle, high, count }, figure, says }: Props) {
  return (
    <View role="group" aria-label={says} className={`hue-${hue} gap-1 border-b border-line pb-2`}>
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <View className="min-w-[8rem] flex-1">
          <Words face="strong">{name}</Words>
        </View>
        <Words size="xs" tone="soft">
          {count === 1 ? 'one task' : `${count} tasks`}
        </Words>
        <View className="w-16 items-end">
          <Words face="mono">{figure}</Words>
        </View>
      </View>
      <View aria-hidden className="h-4 bg-sunken">
        <View
          className="absolute bottom-0.5 top-0.5 border border-edge bg-fill"
          style={{ left: `${x(low)}%`, width: `${Math.max(0.5, x(high) - x(low))}%` }}
        />
        <View className="absolute bottom-0 top-0 w-1 bg-edge" style={{ left: `${x(middle)}%` }} />
        <View className="absolute bottom-0 top-0 w-px bg-ink" style={{ left: `${x(1)}%` }} />
      </View>
    </View>
  );
}
