import { View } from 'react-native';
import { keyOfThing, titleOfThing, type Timed } from '@/core/plan/things';
import { clockWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel, type Panel, type Panels } from '@/ui/panels';

/** Meetings and blocks that share the same hours, each to be opened. */
export function CrowdList({ items }: { items: readonly Timed[] }) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const at = (instant: number) => clockWords(instant, zone, clock);
  return (
    <View className="gap-2">
      {items.map((item) => (
        <Button
          key={keyOfThing(item)}
          label={`${at(item.from)} – ${at(item.to)} · ${titleOfThing(item)}`}
          onPress={() =>
            openPanel(
              item.kind === 'block'
                ? { kind: 'task', id: item.task.id, blockId: item.block.id }
                : { kind: 'meeting', meeting: item.event },
            )
          }
        />
      ))}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** What stands together on the strip, as there is no room for each. */
    crowd: { readonly items: readonly Timed[] };
  }
}

export const crowd: Panel<Panels['crowd']> = { useTitle: () => 'At the same time', Content: CrowdList };
