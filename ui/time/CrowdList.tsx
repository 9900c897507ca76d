import { View } from 'react-native';
import { spanOfBlock } from '@/core/plan/dayPlan';
import { clockWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { openSheet } from '../sheets';
import type { Item } from '../strip/item';

/** Meetings and blocks that share the same hours, each to be opened. */
export function CrowdList({ items }: { items: readonly Item[] }) {
  const { tasks, settings } = useWorkspace();
  const at = (instant: number) => clockWords(instant, session.zone, settings.clock);
  return (
    <View className="gap-2">
      {items.map((item) => {
        const { from, to } = 'block' in item ? spanOfBlock(item.block) : item.meeting;
        const title = 'block' in item ? tasks.get(item.block.taskId)?.title : item.meeting.title;
        const open = () =>
          openSheet(
            'block' in item
              ? { kind: 'task', id: item.block.taskId, blockId: item.block.id }
              : { kind: 'meeting', meeting: item.meeting },
          );
        const key = 'block' in item ? item.block.id : item.meeting.id;
        return <Button key={key} label={`${at(from)} – ${at(to)} · ${title}`} onPress={open} />;
      })}
    </View>
  );
}
