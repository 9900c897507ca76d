import { View } from 'react-native';
import type { TrayItem } from '@/core/model/plan';
import { useDropArea } from '../drag/areas';
import { aimsAtTray, mayLieInTray, useDrag } from '../drag/dragStore';
import { EdgeMark } from '../marks';
import { Words } from '@/ui/Words';
import { useTrayItem } from './useTrayItem';

/** The tray of one of several days: a narrow column of what has no hour yet. */
export function TrayCell({
  date,
  items,
  narrow,
}: {
  date: string;
  items: readonly TrayItem[];
  narrow: boolean;
}) {
  const { attach } = useDropArea({ kind: 'tray', date });
  const aimed = useDrag((state) => aimsAtTray(state, date));
  const dragging = useDrag(mayLieInTray);
  return (
    <View
      ref={attach}
      role="group"
      aria-label={`Tray of ${date}`}
      className={`min-h-[30px] flex-1 gap-1 border border-l p-0.5 ${aimed ? 'border-pine bg-surface' : dragging ? 'border-dashed border-ink-soft' : 'border-transparent border-l-line'}`}
    >
      {items.map((item) => (
        <TrayCard key={item.id} item={item} narrow={narrow} />
      ))}
    </View>
  );
}

function TrayCard({ item, narrow }: { item: TrayItem; narrow: boolean }) {
  const { task, hue, props, lifted } = useTrayItem(item);
  if (!task) return null;
  return (
    <View
      {...props}
      className={`${hue} min-h-[24px] cursor-grab touch-manipulation select-none justify-center overflow-hidden rounded-r-lg border border-line bg-surface py-0.5 ${narrow ? 'pl-1.5 pr-0.5' : 'pl-2.5 pr-1'} ${lifted ? 'opacity-50' : ''}`}
    >
      <EdgeMark />
      <Words size="xs" tone={task.doneAt === null ? 'ink' : 'soft'} numberOfLines={narrow ? 2 : 1}>
        {task.title}
      </Words>
    </View>
  );
}
