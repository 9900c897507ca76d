import { View } from 'react-native';
import type { TrayItem } from '@/core/model/plan';
import { dateWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { DriftMark } from '../seal/DriftMark';
import { KeystoneMark } from '../KeystoneMark';
import { EdgeMark } from '../marks';
import { Words } from '@/ui/Words';
import { useTrayArea, useTrayItem } from './useTrayItem';

type TrayCellProps = { date: string; items: readonly TrayItem[]; narrow: boolean };

/** The tray of one of several days: a narrow column of what has no hour yet. */
export function TrayCell({ date, items, narrow }: TrayCellProps) {
  const { attach, look } = useTrayArea(date);
  const { settings } = useWorkspace();
  return (
    <View
      ref={attach}
      role="group"
      aria-label={`Tray of ${dateWords(date, settings)}`}
      className={`min-h-[30px] flex-1 gap-1 border border-l border-l-line p-0.5 ${look}`}
    >
      {items.map((item) => (
        <TrayCard key={item.id} item={item} narrow={narrow} />
      ))}
    </View>
  );
}

function TrayCard({ item, narrow }: { item: TrayItem; narrow: boolean }) {
  const { task, hue, props, lifted, drift, isKeystone } = useTrayItem(item);
  if (!task) return null;
  return (
    <View
      {...props}
      className={`${hue} min-h-[24px] cursor-grab touch-manipulation select-none justify-center overflow-hidden rounded-r-lg border border-line bg-surface py-0.5 ${narrow ? 'pl-1.5 pr-0.5' : 'pl-2.5 pr-1'} ${lifted ? 'opacity-50' : ''}`}
    >
      <EdgeMark />
      <View className="flex-row items-center gap-1.5">
        {isKeystone && <KeystoneMark />}
        {drift && <DriftMark change={drift.change} />}
        <View className="shrink">
          <Words size="xs" tone={task.doneAt === null ? 'ink' : 'soft'} numberOfLines={narrow ? 2 : 1}>
            {task.title}
          </Words>
        </View>
      </View>
    </View>
  );
}
