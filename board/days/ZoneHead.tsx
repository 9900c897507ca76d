import { View } from 'react-native';
import { hueOfZone, traitsOf } from '@/core/frame/looks';
import type { Head } from '@/core/frame/heads';
import { clockWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { CategoryIcon, EdgeMark } from '@/board/marks';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** The zone that a stretch of a list lies in. */
export function ZoneHead({ head: { zone: of, hours } }: { head: Head }) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  return (
    <View className={`hue-${hueOfZone(of, workspace)} mt-1 flex-row items-center gap-2 pl-2.5`}>
      <EdgeMark />
      <CategoryIcon id={of.category} />
      <Words size="xs" face="strong">
        {of.name}
      </Words>
      <Words size="xs" tone="soft">
        {[`${clock(hours.from)} – ${clock(hours.to)}`, ...traitsOf(of)].join(' · ')}
      </Words>
    </View>
  );
}
