import { View } from 'react-native';
import type { TrayItem } from '@/core/model/plan';
import { startsBetween } from '@/core/plan/between';
import { taskOf, trayOn } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { useTrayItem } from '@/board/days/useTrayItem';
import { KeystoneMark } from '@/board/KeystoneMark';
import { EdgeMark, PriorityMark } from '@/board/marks';
import { DueNote, TickBox, TimerButton } from '@/board/taskParts';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { useIsNarrow, useWide } from '@/ui/useWide';
import { Subheading, Title, Words } from '@/ui/Words';

/** What today has without an hour, to be put between two things of the day. */
export function Unplaced() {
  const { today, zone } = useMoment();
  const workspace = useWorkspace();
  const wide = useWide();
  const open = trayOn(workspace, today, zone).filter(
    ({ taskId }) => taskOf(workspace, taskId)?.doneAt === null,
  );
  if (open.length === 0) return null;
  return (
    <View className="gap-2">
      <Subheading>Without an hour</Subheading>
      <Words size="xs" tone="soft">
        {wide ? 'Carry one' : 'Hold one and carry it'} between two things of the day, or choose an hour.
      </Words>
      {open.map((item) => (
        <TrayRow key={item.id} item={item} />
      ))}
    </View>
  );
}

function TrayRow({ item }: { item: TrayItem }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const narrow = useIsNarrow();
  const { task, hue, estimate, isKeystone, lifted, props } = useTrayItem(item, (minutes) =>
    startsBetween(workspace, item.date, minutes, zone, now),
  );
  if (!task) return null;
  return (
    <View
      {...props}
      className={`${hue} cursor-grab touch-manipulation select-none flex-row flex-wrap items-center gap-1 overflow-hidden rounded-r-lg border border-line bg-surface py-1.5 pl-2 pr-2 ${lifted ? 'opacity-50' : ''}`}
    >
      <EdgeMark />
      <TickBox task={task} />
      <View className="min-h-[44px] min-w-[7rem] flex-1 justify-center">
        <Title narrow={narrow} lines={3}>
          {task.title}
        </Title>
        <DueNote task={task} before={estimate} />
      </View>
      {isKeystone && <KeystoneMark />}
      {task.priority !== 'normal' && <PriorityMark priority={task.priority} />}
      <TimerButton subject={{ kind: 'task', taskId: task.id }} small />
      <Button
        label="Place…"
        says={`Place ${task.title}`}
        kind="quiet"
        onPress={() => openPanel({ kind: 'place', taskId: task.id, trayId: item.id })}
      />
    </View>
  );
}
