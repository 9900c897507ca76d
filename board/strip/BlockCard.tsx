import type { RefObject } from 'react';
import { View } from 'react-native';
import type { Block } from '@/core/model/plan';
import { cardWarning } from '@/core/plan/findingWords';
import { fillWords, heldTasks } from '@/core/plan/group';
import { judgeBlock } from '@/core/plan/judge';
import { hueOfTask, kindWords } from '@/core/plan/lens';
import { drawnWords } from '@/core/tasks/dueWords';
import { spanOfBlock, taskOf } from '@/core/tasks/places';
import { repeatingOf } from '@/core/tasks/repeating';
import { lengthOf } from '@/core/time/span';
import { clockWords, durationWords } from '@/core/time/words';
import { runningTask } from '@/core/track/entries';
import { minutesSpent } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { movingBlock } from '../drag/dragStore';
import { cardId } from '../drag/drop';
import { useDragItem } from '../drag/useDragItem';
import { keys } from '../keyTable';
import { pick, usePicked } from '../picked';
import { usePreviewed } from '../previewed';
import { Icon } from '@/ui/icons';
import { Tick } from '@/ui/Tick';
import { KeystoneMark, useIsKeystone } from '../KeystoneMark';
import { EdgeMark, PriorityMark } from '../marks';
import { openPanel } from '@/ui/panels';
import { togglePin } from '@/actions/bend';
import { duplicate } from '@/actions/tasks';
import { TickBox, TimerButton, taskKeys } from '../taskParts';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { BUTTONS, placeOf, ResizeHandle, roomForHandle, Title, TWO_LINES, type Box } from './cardParts';
import { useDrift } from '../seal/useDrift';
import { GroupArea, HeldTasks } from './HeldTasks';

/** What stands on a block, and how it looks, at this moment. */
function useBlockState(block: Block, now: number) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const task = taskOf(workspace, block.taskId);
  const { from, to } = spanOfBlock(block);
  const spent = minutesSpent(workspace.entries, block.taskId, now);
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  const done = task ? task.doneAt !== null : false;
  const isRunning = runningTask(workspace.entries) === block.taskId;
  const held = heldTasks(block, workspace);
  const fill = block.holds && fillWords(block, held);
  const count = `${held.length} ${held.length === 1 ? 'task' : 'tasks'}`;
  const length = fill ? `${count}, ${fill}` : durationWords(block.minutes);
  return {
    task,
    hue: hueOfTask(task, workspace, zone, now),
    hours: `${clock(from)} – ${clock(to)}`,
    done,
    repeats: task ? repeatingOf(task, workspace.repeats) !== undefined : false,
    said: task ? drawnWords(task, workspace, zone, now) : [],
    kind: task ? kindWords(task, workspace) : '',
    missed: !done && !isRunning && to <= now && spent === 0,
    facts: [
      done && spent > 0
        ? `planned ${durationWords(block.minutes)} · took ${durationWords(spent)}`
        : `${clock(from)} · ${length}`,
      ...(isRunning ? ['running'] : []),
    ].join(' · '),
    warning: cardWarning(judgeBlock(workspace, block, { zone })),
    holds: fill ? `holds ${held.length}: ${fill}` : '',
  };
}

/** Narrow cards this high have room for a tick below their title. */
const TICK_BELOW = forText(88);

type BlockProps = {
  block: Block;
  box: Box;
  date: string;
  now: number;
  viewport: RefObject<HTMLElement | null>;
};

/** A task's block: square patterned edge at the left, soft corners at the right. It can be moved and resized. */
export function BlockCard({ block, box, date, now, viewport }: BlockProps) {
  const { task, hue, hours, done, missed, repeats, facts, said, kind, warning, holds } = useBlockState(
    block,
    now,
  );
  const { taskId } = block;
  const dragged = movingBlock(block);
  const open = () => openPanel({ kind: 'task', id: taskId, blockId: block.id });
  const choosing = usePicked((picked) => picked.choosing);
  const picked = usePicked(({ ids }) => ids.includes(taskId));
  const why = usePreviewed((previewed) => previewed.why.get(block.id));
  const choose = () => pick(taskId);
  const drift = useDrift('block', block.id, date);
  const isKeystone = useIsKeystone(taskId, date);
  const { props, lifted } = useDragItem(dragged, date, choosing ? choose : open, {
    [keys.onAThing.choose]: choose,
    [keys.onAThing.again]: () => duplicate(block),
    [keys.onAThing.pin]: () => togglePin(block),
    ...(task ? taskKeys(task, date) : {}),
  });
  if (!task) return null;
  const roomy = box.height >= TWO_LINES && !box.narrow;
  const roomForButton = box.height >= 44 && box.pixels >= BUTTONS && !box.narrow;
  const roomForTick = box.narrow && !box.sliver && box.height >= TICK_BELOW;
  const look = picked
    ? 'border-pine bg-surface'
    : why !== undefined
      ? 'border-2 border-dashed border-pine bg-surface'
      : done
        ? 'border-edge bg-surface'
        : missed
          ? 'border-dashed border-edge bg-surface'
          : `${isKeystone ? 'border-amber' : 'border-transparent'} bg-fill`;
  return (
    <View
      {...props}
      id={cardId(block.id)}
      aria-label={[
        task.title,
        hours,
        durationWords(lengthOf(spanOfBlock(block))),
        done ? 'done' : missed ? 'not started' : '',
        repeats ? 'repeats' : '',
        block.pinned ? 'pinned' : '',
        isKeystone ? 'keystone' : '',
        holds,
        why === undefined ? '' : `proposed: ${why}`,
        warning,
        drift?.words,
        ...said,
        kind,
        picked ? 'chosen' : '',
      ]
        .filter(Boolean)
        .join(', ')}
      className={`hue-${hue} absolute cursor-grab touch-manipulation select-none overflow-hidden rounded-r-lg border ${box.narrow ? 'pl-1.5' : 'pl-3'} ${roomForButton ? 'pr-[88px]' : roomForHandle(box) || (box.narrow ? 'pr-0.5' : 'pr-2')} ${look} ${lifted ? 'opacity-50' : ''} ${box.height < 30 ? 'justify-center' : 'py-1'}`}
      style={placeOf(box)}
    >
      <EdgeMark />
      {block.holds && <GroupArea block={block} viewport={viewport} />}
      <View className="flex-row items-center gap-1.5">
        {done && !box.narrow && <Icon name="check" size={14} colour="edge" />}
        <View className="shrink">
          <Title box={box} minutes={block.minutes} late={warning} drift={drift?.change}>
            {task.title}
          </Title>
        </View>
        {isKeystone && !box.narrow && <KeystoneMark />}
        {repeats && !box.narrow && <Icon name="repeat" size={12} colour="edge" />}
        {block.pinned && !box.sliver && <Icon name="pin" size={12} colour="ink" />}
        {!done && !box.narrow && task.priority !== 'normal' && <PriorityMark priority={task.priority} />}
      </View>
      {roomy && (
        <View className={block.holds ? 'flex-row gap-2' : ''}>
          <Words size="xs" tone="soft" numberOfLines={1}>
            {why === undefined ? facts : `${facts} · ${why}`}
          </Words>
          {warning && (
            <Words size="xs" tone="brick" face="strong" numberOfLines={1}>
              {warning}
            </Words>
          )}
        </View>
      )}
      {roomy && block.holds && <HeldTasks block={block} room={box.height - 42} />}
      {choosing && (
        <View className="absolute right-1 top-1">
          <Tick ticked={picked} look="on" size={18} />
        </View>
      )}
      {roomForButton && !choosing && (
        <View className="absolute right-0 top-0 flex-row">
          {!done && <TimerButton subject={{ kind: 'task', taskId }} small />}
          <TickBox task={task} />
        </View>
      )}
      {roomForTick && !choosing && (
        <View className="absolute bottom-0 right-0">
          <TickBox task={task} />
        </View>
      )}
      {!done && <ResizeHandle dragged={dragged} box={box} />}
    </View>
  );
}
