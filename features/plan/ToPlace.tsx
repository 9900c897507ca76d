import { useEffect, useMemo } from 'react';
import { ScrollView, View } from 'react-native';
import type { Task } from '@/core/model/task';
import { toPlace } from '@/core/tasks/toPlace';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { useDropArea } from '@/board/drag/areas';
import { movingTask, useDrag } from '@/board/drag/dragStore';
import { useDragItem } from '@/board/drag/useDragItem';
import { Icon } from '@/ui/icons';
import { EdgeMark, PriorityMark } from '@/board/marks';
import { openPanel } from '@/ui/panels';
import { DueNote, TimerButton, useHue } from '@/board/taskParts';
import { Heading, Words } from '@/ui/Words';
import { countWords, estimated, Finding, useFinding } from './Finding';
import { pick, stillWaiting, stopChoosing, usePicked } from './picked';

/** The open tasks that need a place. */
export function useToPlace(): Task[] {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  return useMemo(() => toPlace(workspace, today, zone, now), [workspace, today, zone, now]);
}

/** The pane beside the day, on a wide screen. What is dropped on it leaves the plan. */
export function ToPlacePane({ date }: { date: string }) {
  const tasks = useToPlace();
  const { attach } = useDropArea({ kind: 'off' });
  const aimed = useDrag(({ target }) => target?.kind === 'off');
  const finding = useFinding(tasks);
  return (
    <View ref={attach} className={`w-[300px] border-r ${aimed ? 'border-pine bg-surface' : 'border-line'}`}>
      <View className="gap-1 px-4 pb-2 pt-4">
        <Heading level={2}>To place</Heading>
        <Words tone="soft">{countWords(tasks)}</Words>
      </View>
      <View className="px-4 pb-2">
        <Finding {...finding} />
      </View>
      <ScrollView tabIndex={0} aria-label="Tasks to place" contentContainerClassName="gap-2 px-4 pb-6">
        <ToPlaceList tasks={finding.found} date={date} />
        <View className="pt-2">
          <Button label="Add task" icon="add" onPress={() => openPanel({ kind: 'newTask' })} />
        </View>
      </ScrollView>
    </View>
  );
}

const isTimed = ({ due, neededBy }: Task) => due !== null || neededBy !== undefined;

/** The tasks to place: what is due first, then what has no date. */
export function ToPlaceList({ tasks, date }: { tasks: readonly Task[]; date: string }) {
  const groups = [
    { name: 'Due first', tasks: tasks.filter(isTimed) },
    { name: 'No date', tasks: tasks.filter((task) => !isTimed(task)) },
  ];
  const all = useToPlace();
  useEffect(() => stillWaiting(all), [all]);
  if (tasks.length === 0 && all.length > 0) return <Words tone="soft">No task to place is called so.</Words>;
  if (tasks.length === 0)
    return (
      <Words tone="soft">
        Every open task has its place. Add a task, or drag a block here to take it off the plan.
      </Words>
    );
  return groups
    .filter((group) => group.tasks.length > 0)
    .map((group) => (
      <View key={group.name} className="gap-2">
        <View className="flex-row justify-between pt-1">
          <Words size="xs" tone="soft">
            {group.name}
          </Words>
          <Words size="xs" tone="soft">
            {durationWords(estimated(group.tasks))}
          </Words>
        </View>
        {group.tasks.map((task) => (
          <PlaceableCard key={task.id} task={task} date={date} />
        ))}
      </View>
    ));
}

function PlaceableCard({ task, date }: { task: Task; date: string }) {
  const hue = useHue(task);
  const { choosing, ids } = usePicked();
  const picked = ids.includes(task.id);
  const others = ids.filter((id) => id !== task.id);
  const dragged = movingTask(task, picked && others.length > 0 ? { more: others, then: stopChoosing } : {});
  const open = () => openPanel({ kind: 'task', id: task.id });
  const choose = () => pick(task.id);
  const { props, lifted } = useDragItem(dragged, date, choosing ? choose : open, {
    x: choose,
  });
  const estimate = task.estimate === null ? 'no estimate' : durationWords(task.estimate);
  return (
    <View
      {...props}
      aria-label={`To place: ${task.title}, ${estimate}${picked ? ', chosen' : ''}`}
      className={`${hue} cursor-grab touch-manipulation select-none overflow-hidden rounded-r-lg border bg-surface pl-3.5 hover:border-ink-soft ${picked ? 'border-pine' : 'border-line'} ${lifted ? 'opacity-50' : ''}`}
    >
      <EdgeMark />
      <View className="flex-row items-start gap-2 pr-3.5 pt-2">
        {choosing && (
          <View
            aria-hidden
            className={`h-5 w-5 items-center justify-center border-2 ${picked ? 'border-pine bg-pine' : 'border-ink-soft'}`}
          >
            {picked && <Icon name="check" size={14} colour="on-pine" />}
          </View>
        )}
        <View className="flex-1">
          <Words face="strong" numberOfLines={2}>
            {task.title}
          </Words>
        </View>
        <Words
          face={task.estimate === null ? 'text' : 'strong'}
          tone={task.estimate === null ? 'soft' : 'ink'}
        >
          {estimate}
        </Words>
      </View>
      <View className="flex-row items-center">
        <View className="flex-1 flex-row items-center gap-2">
          {task.priority !== 'normal' && <PriorityMark priority={task.priority} />}
          <View className="shrink">
            <DueNote task={task} />
          </View>
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
