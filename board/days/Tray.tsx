import { Pressable, ScrollView, View } from 'react-native';
import type { TrayItem } from '@/core/model/plan';
import { durationWords } from '@/core/time/words';
import { KeystoneMark } from '../KeystoneMark';
import { EdgeMark } from '../marks';
import { DriftMark } from '../seal/DriftMark';
import { TickBox } from '../taskParts';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { useTrayArea, useTrayItem } from './useTrayItem';

type TrayProps = { date: string; items: readonly TrayItem[]; minutes: number };

/** A day's tasks that have no hour yet, in sight above the hours. */
export function Tray({ date, items, minutes }: TrayProps) {
  const { attach, dragging, look } = useTrayArea(date);
  return (
    <View
      ref={attach}
      role="group"
      aria-label="Tray"
      className={`min-h-[48px] flex-row items-center gap-3 border px-2 ${look}`}
    >
      <Pressable
        role="button"
        onPress={() => openPanel({ kind: 'terms', first: 'tray' })}
        className="min-h-[44px] min-w-[44px] justify-center"
      >
        <Words size="xs" tone="soft">
          Tray
        </Words>
        {items.length > 0 && (
          <Words size="xs" tone="soft">
            {durationWords(minutes)}
          </Words>
        )}
      </Pressable>
      {items.length === 0 ? (
        <Words size="xs" tone="soft">
          {dragging ? 'Let go here for this day without an hour' : 'Nothing without an hour on this day'}
        </Words>
      ) : (
        <ScrollView
          horizontal
          tabIndex={-1}
          showsHorizontalScrollIndicator={false}
          contentContainerClassName="gap-2 py-1"
        >
          {items.map((item) => (
            <TrayChip key={item.id} item={item} />
          ))}
        </ScrollView>
      )}
    </View>
  );
}

function TrayChip({ item }: { item: TrayItem }) {
  const { task, hue, estimate, props, lifted, drift, isKeystone } = useTrayItem(item);
  if (!task) return null;
  return (
    <View
      {...props}
      className={`${hue} h-11 cursor-grab touch-manipulation select-none flex-row items-center overflow-hidden rounded-r-lg border border-line bg-surface pl-1 pr-3 ${lifted ? 'opacity-50' : ''}`}
    >
      <EdgeMark />
      <TickBox task={task} />
      {drift && (
        <View className="pr-2">
          <DriftMark change={drift.change} />
        </View>
      )}
      {isKeystone && (
        <View className="pr-2">
          <KeystoneMark />
        </View>
      )}
      <Words tone={task.doneAt === null ? 'ink' : 'soft'}>
        {task.title} <Words tone="soft">{estimate}</Words>
      </Words>
    </View>
  );
}
