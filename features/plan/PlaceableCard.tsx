import { View } from 'react-native';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { kindWords } from '@/core/plan/lens';
import { drawnWords } from '@/core/tasks/dueWords';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { movingTask } from '@/board/drag/dragStore';
import { cardId } from '@/board/drag/drop';
import { useDragItem } from '@/board/drag/useDragItem';
import { keys } from '@/board/keyTable';
import { EdgeMark, PriorityMark } from '@/board/marks';
import { pick, stopChoosing, usePicked } from '@/board/picked';
import { DueNote, TickBox, TimerButton, taskKeys, useHue } from '@/board/taskParts';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Tick } from '@/ui/Tick';
import { Title, Words } from '@/ui/Words';

type CardProps = {
  task: Task;
  /** All that need a place: of several that are chosen these go along. */
  waiting: ReadonlySet<Id>;
  date: string;
  /** It takes as little height as can be touched. */
  compact: boolean;
};

/** A task that has no place yet: it is dragged onto the plan, placed by its button, or opened. */
export function PlaceableCard({ task, waiting, date, compact }: CardProps) {
  const hue = useHue(task);
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const { choosing, ids } = usePicked();
  const picked = ids.includes(task.id);
  const others = ids.filter((id) => id !== task.id && waiting.has(id));
  const dragged = picked ? movingTask(task, others, stopChoosing) : movingTask(task);
  const open = () => openPanel({ kind: 'task', id: task.id });
  const choose = () => pick(task.id);
  const { props, lifted } = useDragItem(dragged, date, choosing ? choose : open, {
    [keys.onAThing.choose]: choose,
    ...taskKeys(task, date),
  });
  const drawn = drawnWords(task, workspace, zone, now);
  const estimate = task.estimate === null ? 'no estimate' : durationWords(task.estimate);
  const Parts = compact ? OneRow : TwoRows;
  return (
    <View
      {...props}
      id={cardId(task.id)}
      aria-label={[
        `To place: ${task.title}`,
        estimate,
        ...drawn,
        kindWords(task, workspace),
        ...(picked ? ['chosen'] : []),
      ]
        .filter(Boolean)
        .join(', ')}
      className={`${hue} cursor-grab touch-manipulation select-none overflow-hidden rounded-r-lg border bg-surface hover:border-ink-soft ${picked ? 'border-pine' : 'border-line'} ${lifted ? 'opacity-50' : ''}`}
    >
      <EdgeMark />
      <Parts task={task} estimate={estimate} chosen={choosing ? picked : null} />
    </View>
  );
}

type PartsProps = {
  task: Task;
  estimate: string;
  /** Whether it is one of those that are chosen; null while none are being chosen. */
  chosen: boolean | null;
};

const OneRow = ({ task, estimate, chosen }: PartsProps) => (
  <View className="min-h-[44px] flex-row items-center gap-1 pl-1">
    {chosen === null ? (
      <TickBox task={task} />
    ) : (
      <View className="px-3">
        <Tick ticked={chosen} look="on" size={20} />
      </View>
    )}
    <View className="flex-1">
      <Words face="strong" numberOfLines={1}>
        {task.title}
      </Words>
      <Note task={task} estimate={estimate} />
    </View>
    {task.priority !== 'normal' && <PriorityMark priority={task.priority} />}
    {task.estimate !== null && <Words face="strong">{estimate}</Words>}
    <PlaceButton task={task} />
  </View>
);

const TwoRows = ({ task, estimate, chosen }: PartsProps) => (
  <View className="pl-3.5">
    <View className="flex-row items-start gap-2 pr-3.5 pt-2">
      {chosen === null ? (
        <View className="-mb-2.5 -ml-3 -mt-2.5">
          <TickBox task={task} />
        </View>
      ) : (
        <Tick ticked={chosen} look="on" size={20} />
      )}
      <View className="flex-1">
        <Title>{task.title}</Title>
      </View>
      <View className="w-2.5 pt-1.5">
        {task.priority !== 'normal' && <PriorityMark priority={task.priority} />}
      </View>
      {task.estimate !== null && (
        <View className="min-w-[44px] items-end">
          <Words face="strong">{estimate}</Words>
        </View>
      )}
    </View>
    <View className="flex-row items-center">
      <View className="flex-1">
        <Note task={task} estimate={estimate} />
      </View>
      <TimerButton subject={{ kind: 'task', taskId: task.id }} small />
      <PlaceButton task={task} />
    </View>
  </View>
);

const Note = ({ task, estimate }: { task: Task; estimate: string }) => (
  <>
    <DueNote task={task} />
    {task.estimate === null && (
      <Words size="xs" tone="soft">
        {estimate}
      </Words>
    )}
  </>
);

const PlaceButton = ({ task }: { task: Task }) => (
  <Button
    label="Place…"
    says={`Place ${task.title}`}
    kind="quiet"
    onPress={() => openPanel({ kind: 'place', taskId: task.id })}
  />
);
