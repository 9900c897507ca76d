import { View } from 'react-native';
import { hueOfZone, traitsOf } from '@/core/frame/looks';
import type { ZoneOnDay } from '@/core/frame/zones';
import { clockWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { CategoryIcon, EdgeMark } from '@/board/marks';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** The zone that a stretch of a list lies in. */
export function ZoneHead({ head }: { head: ZoneOnDay }) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  const { whole } = head;
  return (
    <View className={`hue-${hueOfZone(head.zone, workspace)} mt-1 flex-row items-center gap-2 pl-2.5`}>
      <EdgeMark />
      <CategoryIcon id={head.zone.category} />
      <Words size="xs" face="strong">
        {head.zone.name}
      </Words>
      <Words size="xs" tone="soft">
        {[`${clock(whole.from)} – ${clock(whole.to)}`, ...traitsOf(head.zone)].join(' · ')}
      </Words>
    </View>
  );
}
