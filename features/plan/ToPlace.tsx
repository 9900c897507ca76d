import { memo, useEffect, useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { taskOf } from '@/core/tasks/places';
import { drawnWords } from '@/core/tasks/dueWords';
import { estimated, unestimated } from '@/core/tasks/find';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useFirstDrawn } from '@/ui/firstDrawn';
import { Button } from '@/ui/Button';
import { useDropArea } from '@/board/drag/areas';
import { movingTask, useDrag } from '@/board/drag/dragStore';
import { useDragItem } from '@/board/drag/useDragItem';
import { Tick } from '@/ui/Tick';
import { NextStep } from '@/board/FirstSteps';
import { ShortOfTargets } from '@/board/left/ShortOfTargets';
import { EdgeMark, PriorityMark } from '@/board/marks';
import { keys } from '@/board/keyTable';
import { openPanel } from '@/ui/panels';
import { DueNote, TickBox, TimerButton, taskKeys, useHue } from '@/board/taskParts';
import { Heading, Words } from '@/ui/Words';
import { FileInto } from './FileInto';
import { countWords, Finding, useFinding } from './Finding';
import { useToPlace } from './useToPlace';
import { pick, stillOpen, stopChoosing, usePicked } from '@/board/picked';

/** The pane beside the day, on a wide screen. What is dropped on it leaves the plan. */
export function ToPlacePane({ date }: { date: string }) {
  const { attach } = useDropArea({ kind: 'off' });
  const aimed = useDrag(({ target }) => target?.kind === 'off');
  const drawn = useFirstDrawn();
  return (
    <View ref={attach} className={`w-[300px] border-r ${aimed ? 'border-pine bg-surface' : 'border-line'}`}>
      {drawn && <ToPlaceBody date={date} />}
      <FileInto />
    </View>
  );
}

function ToPlaceBody({ date }: { date: string }) {
  const tasks = useToPlace();
  const finding = useFinding(tasks);
  return (
    <>
      <View className="gap-1 px-4 pb-2 pt-4">
        <Heading level={2}>To place</Heading>
        <Words tone="soft">{countWords(tasks)}</Words>
        <Unestimated tasks={tasks} />
      </View>
      <View className="px-4 pb-2">
        <Finding {...finding} />
      </View>
      <ScrollView tabIndex={0} aria-label="Tasks to place" contentContainerClassName="gap-2 px-4 pb-6">
        <NextStep />
        <ShortOfTargets date={date} />
        <ToPlaceList tasks={finding.found} date={date} />
        <View className="pt-2">
          <Button label="Add task" icon="add" onPress={() => openPanel({ kind: 'newTask' })} />
        </View>
      </ScrollView>
    </>
  );
}

/** How many tasks have no estimate, and the way through just these. */
export function Unestimated({ tasks }: { tasks: readonly Task[] }) {
  const { length } = unestimated(tasks);
  if (length === 0) return null;
  return (
    <View className="-ml-3.5 flex-row">
      <Button
        label={`${length} without an estimate…`}
        kind="quiet"
        onPress={() => openPanel({ kind: 'estimates' })}
      />
    </View>
  );
}

const isTimed = ({ due, neededBy }: Task) => due !== null || neededBy !== undefined;

/** How many cards are drawn at first, and more at a time. */
const PAGE = 60;

/** The tasks to place: what is due first, then what has no date. */
export const ToPlaceList = memo(function ToPlaceList({
  tasks,
  date,
}: {
  tasks: readonly Task[];
  date: string;
}) {
  const all = useToPlace();
  const waiting = useMemo(() => new Set(all.map(({ id }) => id)), [all]);
  const [shown, setShown] = useState(PAGE);
  const workspace = useWorkspace();
  useEffect(() => stillOpen((id) => taskOf(workspace, id)?.doneAt === null), [workspace]);
  if (tasks.length === 0)
    return (
      <Words tone="soft">
        {all.length > 0
          ? 'No task to place is called so.'
          : 'Every open task has its place. Add a task, or drag a block here to take it off the plan.'}
      </Words>
    );
  const timed = tasks.filter(isTimed);
  const undated = tasks.filter((task) => !isTimed(task) && !task.inbox);
  const captured = tasks.filter((task) => !isTimed(task) && task.inbox);
  return (
    <>
      <Group name="Due first" tasks={timed} waiting={waiting} most={shown} date={date} />
      <Group name="No date" tasks={undated} waiting={waiting} most={shown - timed.length} date={date} />
      <Group
        name="Inbox"
        tasks={captured}
        waiting={waiting}
        most={shown - timed.length - undated.length}
        date={date}
      />
      {captured.length > 0 && (
        <Button label="Go through the inbox" kind="quiet" onPress={() => openPanel({ kind: 'triage' })} />
      )}
      {tasks.length > shown && (
        <Button
          label={`Show ${Math.min(PAGE, tasks.length - shown)} more`}
          onPress={() => setShown(shown + PAGE)}
        />
      )}
    </>
  );
});

type GroupProps = {
  name: string;
  tasks: readonly Task[];
  /** All that need a place: of several that are chosen these go along. */
  waiting: ReadonlySet<Id>;
  most: number;
  date: string;
};

function Group({ name, tasks, waiting, most, date }: GroupProps) {
  if (tasks.length === 0 || most <= 0) return null;
  return (
    <View className="gap-2">
      <View className="flex-row justify-between pt-1">
        <Words size="xs" tone="soft">
          {name}
        </Words>
        <Words size="xs" tone="soft">
          {durationWords(estimated(tasks))}
        </Words>
      </View>
      {tasks.slice(0, most).map((task) => (
        <PlaceableCard key={task.id} task={task} waiting={waiting} date={date} />
      ))}
    </View>
  );
}

type CardProps = { task: Task; waiting: ReadonlySet<Id>; date: string };

function PlaceableCard({ task, waiting, date }: CardProps) {
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
  return (
    <View
      {...props}
      aria-label={[`To place: ${task.title}`, estimate, ...drawn, ...(picked ? ['chosen'] : [])].join(', ')}
      className={`${hue} cursor-grab touch-manipulation select-none overflow-hidden rounded-r-lg border bg-surface pl-3.5 hover:border-ink-soft ${picked ? 'border-pine' : 'border-line'} ${lifted ? 'opacity-50' : ''}`}
    >
      <EdgeMark />
      <View className="flex-row items-start gap-2 pr-3.5 pt-2">
        {choosing ? (
          <Tick ticked={picked} look="on" size={20} />
        ) : (
          <View className="-mb-2.5 -ml-3 -mt-2.5">
            <TickBox task={task} />
          </View>
        )}
        <View className="flex-1">
          <Words face="strong" numberOfLines={2}>
            {task.title}
          </Words>
        </View>
        <View className="w-2.5 pt-1.5">
          {task.priority !== 'normal' && <PriorityMark priority={task.priority} />}
        </View>
        <View className="min-w-[44px] items-end">
          <Words
            face={task.estimate === null ? 'text' : 'strong'}
            tone={task.estimate === null ? 'soft' : 'ink'}
          >
            {estimate}
          </Words>
        </View>
      </View>
      <View className="flex-row items-center">
        <View className="flex-1">
          <DueNote task={task} />
        </View>
        <TimerButton subject={{ kind: 'task', taskId: task.id }} small />
        <Button
          label="Place…"
          says={`Place ${task.title}`}
          kind="quiet"
          onPress={() => openPanel({ kind: 'place', taskId: task.id })}
        />
      </View>
    </View>
  );
}
