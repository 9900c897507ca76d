import { memo, useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { taskOf } from '@/core/tasks/places';
import { unestimated } from '@/core/tasks/find';
import { expectedTogether, togetherWords } from '@/core/tasks/takes';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useFirstDrawn } from '@/ui/firstDrawn';
import { Button } from '@/ui/Button';
import { DRAG_HELP } from '@/board/drag/DragLayer';
import { webProps } from '@/ui/dom';
import { useDropArea } from '@/board/drag/areas';
import { useDrag } from '@/board/drag/dragStore';
import { NextStep } from '@/board/FirstSteps';
import { ShortOfTargets } from '@/board/left/ShortOfTargets';
import { openPanel } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';
import { FileInto } from './FileInto';
import { Finding, useFinding } from './Finding';
import { PlaceableCard } from './PlaceableCard';
import { useToPlace } from './useToPlace';
import { stillOpen } from '@/board/picked';
import { ScrollRegion } from '@/ui/ScrollRegion';

/** The pane beside the day, on a wide screen. What is dropped on it leaves the plan. */
export function ToPlacePane({ date, width }: { date: string; width: number }) {
  const { attach } = useDropArea({ kind: 'off' });
  const aimed = useDrag(({ target }) => target?.kind === 'off');
  const drawn = useFirstDrawn();
  return (
    <View
      ref={attach}
      className={`not-printed order-first border-r ${aimed ? 'border-pine bg-surface' : 'border-line'}`}
      style={{ width }}
    >
      {drawn && <ToPlaceBody date={date} />}
      <FileInto />
    </View>
  );
}

function ToPlaceBody({ date }: { date: string }) {
  const workspace = useWorkspace();
  const tasks = useToPlace();
  const finding = useFinding(tasks);
  return (
    <>
      <View className="gap-1 px-4 pb-2 pt-4">
        <Heading level={2}>To place</Heading>
        <Words tone="soft">{togetherWords(workspace, tasks)}</Words>
        <Unestimated tasks={tasks} />
      </View>
      <View className="px-4 pb-2">
        <Finding {...finding} />
      </View>
      <ScrollRegion
        role="group"
        aria-label="Tasks to place"
        {...webProps({ 'aria-describedby': DRAG_HELP })}
        contentContainerClassName="gap-2 px-4 pb-6"
      >
        <NextStep />
        <ShortOfTargets date={date} />
        <ToPlaceList tasks={finding.found} date={date} />
        <View className="pt-2">
          <Button label="Add task" icon="add" onPress={() => openPanel({ kind: 'newTask' })} />
        </View>
      </ScrollRegion>
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

type ListProps = {
  tasks: readonly Task[];
  date: string;
  /** Each takes as little height as can be touched. */
  compact?: boolean;
};

/** The tasks to place: what is due first, then what has no date. */
export const ToPlaceList = memo(function ToPlaceList({ tasks, date, compact = false }: ListProps) {
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
  const same = { waiting, date, compact };
  const timed = tasks.filter(isTimed);
  const undated = tasks.filter((task) => !isTimed(task) && !task.inbox);
  const captured = tasks.filter((task) => !isTimed(task) && task.inbox);
  return (
    <>
      <Group name="Due first" tasks={timed} most={shown} {...same} />
      <Group name="No date" tasks={undated} most={shown - timed.length} {...same} />
      <Group name="Inbox" tasks={captured} most={shown - timed.length - undated.length} {...same} />
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
  compact: boolean;
};

function Group({ name, tasks, most, ...same }: GroupProps) {
  const workspace = useWorkspace();
  if (tasks.length === 0 || most <= 0) return null;
  return (
    <View className={same.compact ? 'gap-0.5' : 'gap-2'}>
      <View className="flex-row justify-between pt-1">
        <Words size="xs" tone="soft">
          {name}
        </Words>
        <Words size="xs" tone="soft">
          {durationWords(expectedTogether(workspace, tasks))}
        </Words>
      </View>
      <View role="list" aria-label={name} className={same.compact ? 'gap-0.5' : 'gap-2'}>
        {tasks.slice(0, most).map((task) => (
          <View key={task.id} role="listitem">
            <PlaceableCard task={task} {...same} />
          </View>
        ))}
      </View>
    </View>
  );
}
