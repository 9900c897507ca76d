import { Pressable, View } from 'react-native';
import { addZone } from '@/core/commands/frames';
import { hueOfZone } from '@/core/frame/looks';
import { kindsOf, type Brush } from '@/core/frame/kinds';
import { timesWords } from '@/core/frame/words';
import { weekOf } from '@/core/time/week';
import { TermButton } from '@/board/TermButton';
import { EdgeMark } from '@/board/marks';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel, type Panels } from '@/ui/panels';
import { Part } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { useNamedKinds } from './namedKinds';

/** What is added by typing begins so, and is changed in its fields. */
const FIRST_HOURS = { days: [1, 2, 3, 4, 5], from: 9 * 60, minutes: 60 };

/** All zones of a frame in words, to open each, and to add one by typing its hours instead of drawing them. */
export function ZoneList({ frameId }: Panels['zones']) {
  const workspace = useWorkspace();
  const { today } = useMoment();
  const named = useNamedKinds(({ brushes }) => brushes);
  const { weekStart, clock } = workspace.settings;
  const frame = workspace.frames.get(frameId);
  if (!frame) return <Words tone="soft">This frame is no longer there.</Words>;
  const open = (zoneId: string) => openPanel({ kind: 'zone', frameId, zoneId });
  const add = (brush: Brush) => {
    const zone = { ...brush, ...FIRST_HOURS, id: newId() };
    const input = { frameId, week: weekOf(today, weekStart), zone };
    if (store.run(addZone, input, `${brush.name}: ${timesWords(zone, weekStart, clock)}`)) open(zone.id);
  };
  return (
    <View className="gap-5">
      <View role="list" aria-label="Zones">
        {[...frame.zones]
          .sort((a, b) => a.from - b.from)
          .map((zone) => (
            <View
              key={zone.id}
              role="listitem"
              className={`hue-${hueOfZone(zone, workspace)} border-b border-line`}
            >
              <EdgeMark />
              <Pressable
                role="button"
                onPress={() => open(zone.id)}
                className="min-h-[44px] justify-center py-1 pl-3 hover:bg-surface"
              >
                <Words face="strong">{zone.name}</Words>
                <Words size="xs" tone="soft">
                  {timesWords(zone, weekStart, clock)}
                </Words>
              </Pressable>
            </View>
          ))}
      </View>
      <View className="flex-row">
        <TermButton term="frame" label="What is a frame, a zone, a guarded one?" />
      </View>
      <Part title="Add one by typing its hours">
        <View className="flex-row flex-wrap gap-2">
          {kindsOf(workspace, frame, named).map(({ key, brush }) => (
            <Button key={key} label={brush.name} says={`Add ${brush.name}`} onPress={() => add(brush)} />
          ))}
        </View>
      </Part>
    </View>
  );
}
