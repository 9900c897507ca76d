import { Pressable, View } from 'react-native';
import type { Intention } from '@/core/model/plan';
import { intentionsOfDay, intentionsOfWeek } from '@/core/plan/intentions';
import { useWorkspace } from '@/state/shown';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** What the day or the week is meant for, in one line; it opens to be changed. */
export function IntentionLine({ date, ofDay = false }: { date: string; ofDay?: boolean }) {
  const workspace = useWorkspace();
  const week = intentionsOfWeek(workspace, date);
  const day = ofDay ? intentionsOfDay(workspace, date) : [];
  return (
    <Pressable
      role="button"
      onPress={() => openPanel({ kind: 'intentions', date })}
      className="min-h-[28px] flex-row items-center gap-x-4 hover:bg-surface"
    >
      {day.length + week.length === 0 ? (
        <Words size="xs" tone="soft">
          {ofDay ? 'What is this day for?' : 'What is this week for?'} Note an intention
        </Words>
      ) : (
        <>
          <Said name="Day" intentions={day} />
          <Said name="Week" intentions={week} />
        </>
      )}
    </Pressable>
  );
}

function Said({ name, intentions }: { name: string; intentions: readonly Intention[] }) {
  if (intentions.length === 0) return null;
  return (
    <View className={`flex-row gap-1.5 ${name === 'Day' ? 'max-w-[60%]' : 'shrink'}`}>
      <Words size="xs" tone="soft">
        {name}:
      </Words>
      <View className="shrink">
        <Words size="xs" numberOfLines={1}>
          {intentions.map(({ text, doneAt }) => `${text}${doneAt === null ? '' : ' (done)'}`).join(' · ')}
        </Words>
      </View>
    </View>
  );
}
