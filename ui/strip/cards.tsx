import type { RefObject } from 'react';
import { View, type DimensionValue } from 'react-native';
import type { Occurrence } from '@/core/calendar/occurrences';
import type { Block } from '@/core/model/plan';
import { spanOfBlock, runningEntry } from '@/core/plan/dayPlan';
import { fillOf, heldLateness, heldTasks } from '@/core/plan/group';
import { hueOfEvent, hueOfTask } from '@/core/plan/lens';
import { latenessWords } from '@/core/tasks/deadline';
import { repeatingOf } from '@/core/tasks/repeating';
import { lengthOf } from '@/core/time/span';
import { clockWords, durationWords } from '@/core/time/words';
import { minutesSpent } from '@/core/track/spent';
import { dateOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import type { Dragged } from '../drag/dragStore';
import { blockElementId } from '../drag/drop';
import { pressable, useDragItem } from '../drag/useDragItem';
import { Icon } from '../icons';
import { EdgeMark, PriorityMark } from '../marks';
import { openSheet } from '../sheets';
import { duplicate } from '../tasks/actions';
import { TimerButton } from '../tasks/TaskParts';
import { duplicateEvent, removeAsking } from '../time/eventActions';
import { Words } from '../Words';
import { GroupArea, HeldTasks } from './HeldTasks';

/** Where a card lies on the strip. */
export type Box = {
  readonly top: number;
  readonly height: number;
  readonly left: DimensionValue;
  readonly width: DimensionValue;
  /** Nothing shares the width with it. */
  readonly alone: boolean;
  /** It stands in one of several days: there is room for little more than its title. */
  readonly narrow: boolean;
  /** It is narrower than most words. */
  readonly sliver: boolean;
};

const placeOf = ({ top, height, left, width }: Box) => ({ top, height, left, width });

/** In cards this high one line of small text fits. */
const ONE_LINE = 18;

/** Cards this high have room for a second line. */
const TWO_LINES = 40;

/** In narrow cards this high a title reads from top to bottom better than in pieces of words. */
const UPRIGHT = 44;
const UPRIGHT_TEXT =
  'max-h-full max-w-[26px] overflow-hidden leading-[13px] [overflow-wrap:normal] [writing-mode:vertical-rl]';

/** Narrow cards this high say what is wrong in words. */
const WARNING = 56;

/** How many lines of a title a card has room for. */
const linesOf = ({ height, narrow, sliver }: Box): number => {
  if (sliver) return 1;
  if (narrow) return Math.max(1, Math.floor((height - 6) / 16));
  return height < 60 ? 1 : 2;
};

type TitleProps = { box: Box; late?: string | null; face?: 'strong' | 'text'; children: string };

/** The title of a card, as its room allows. A narrow card says in words that it is late where it can, else by a mark. */
function Title({ box, late = null, face = 'strong', children }: TitleProps) {
  const upright = box.sliver && box.height >= UPRIGHT;
  const marked = box.narrow && late !== null;
  const said = marked && !box.sliver && box.height >= WARNING;
  return (
    <>
      <View
        className={upright ? 'items-center' : 'flex-row items-center gap-1'}
        style={upright ? { height: box.height - 12 } : undefined}
      >
        {marked && !said && (
          <View className="shrink-0">
            <Icon name="late" size={12} colour="brick" />
          </View>
        )}
        <View className="shrink">
          <Words
            face={face}
            size={box.narrow || box.height < 22 ? 'xs' : 'sm'}
            tone={marked ? 'brick' : 'ink'}
            {...(upright ? {} : { numberOfLines: linesOf(box) - (said ? 2 : 0) })}
            className={upright ? UPRIGHT_TEXT : box.sliver ? '[text-overflow:clip]' : ''}
          >
            {children}
          </Words>
        </View>
      </View>
      {said && (
        <Words size="xs" tone="brick" numberOfLines={2}>
          {late}
        </Words>
      )}
    </>
  );
}

/** A meeting: outlined, one cut corner, fixed. */
export function MeetingCard({ meeting, box }: { meeting: Occurrence; box: Box }) {
  const workspace = useWorkspace();
  const { settings, calendars } = workspace;
  const calendar = calendars.get(meeting.calendarId);
  const others = calendar?.around ? calendar.name : '';
  const clock = (instant: number) => clockWords(instant, session.zone, settings.clock);
  const hours = `${clock(meeting.from)} – ${clock(meeting.to)}`;
  const whose = others || (meeting.busy ? '' : 'free');
  const facts = box.narrow ? whose : [hours, whose, meeting.location].filter(Boolean).join(' · ');
  const open = () => openSheet({ kind: 'meeting', meeting });
  const place = { taskId: '', minutes: Math.max(1, Math.round(lengthOf(meeting))), event: meeting };
  const date = dateOf(meeting.from, session.zone);
  const { props, lifted } = useDragItem({ ...place, kind: 'move' }, date, open, {
    d: () => duplicateEvent(meeting),
    Delete: () => removeAsking(meeting),
  });
  return (
    <View
      {...props}
      aria-label={[`Meeting ${meeting.title}`, hours, others].filter(Boolean).join(', ')}
      className={`hue-${hueOfEvent(meeting, workspace)} cut-corner absolute cursor-grab touch-manipulation select-none ${lifted ? 'opacity-50' : ''} ${box.height < ONE_LINE ? 'overflow-hidden' : ''} border ${others ? '' : 'bg-surface'} ${box.narrow ? 'px-1' : 'px-2.5'} ${meeting.busy ? 'border-edge' : 'border-dashed border-edge'} ${box.height < 30 ? 'justify-center' : 'py-1'}`}
      style={placeOf(box)}
    >
      <Title box={box} face={others ? 'text' : 'strong'}>
        {meeting.title}
      </Title>
      {box.height >= TWO_LINES && !box.sliver && facts !== '' && (
        <Words size="xs" tone="soft" numberOfLines={1}>
          {facts}
        </Words>
      )}
      {box.height >= 30 && <ResizeHandle place={place} />}
    </View>
  );
}

/** What stands on a block, and how it looks, at this moment. */
function useBlockState(block: Block, now: number) {
  const workspace = useWorkspace();
  const task = workspace.tasks.get(block.taskId);
  const { from, to } = spanOfBlock(block);
  const running = runningEntry(workspace.entries)?.subject;
  const spent = minutesSpent(workspace.entries, block.taskId, now);
  const clock = (instant: number) => clockWords(instant, session.zone, workspace.settings.clock);
  const done = task ? task.doneAt !== null : false;
  const isRunning = running?.kind === 'task' && running.taskId === block.taskId;
  const held = heldTasks(block, workspace.tasks);
  const fill = block.holds && fillOf(block, held);
  const count = `${held.length} ${held.length === 1 ? 'task' : 'tasks'}`;
  const length = fill ? `${count}, ${fill.said}` : durationWords(block.minutes);
  const late = task && !done ? latenessWords(task, workspace.events, to, session.zone) : null;
  return {
    task,
    hue: hueOfTask(task, workspace, session.zone, now),
    hours: `${clock(from)} – ${clock(to)}`,
    done,
    repeats: task ? repeatingOf(task, workspace.repeats) !== undefined : false,
    missed: !done && !isRunning && to <= now && spent === 0,
    facts: [
      done && spent > 0
        ? `planned ${durationWords(block.minutes)} · took ${durationWords(spent)}`
        : `${clock(from)} · ${length}`,
      ...(isRunning ? ['running'] : []),
    ].join(' · '),
    warning: fill?.over ?? heldLateness(block, workspace, session.zone) ?? late,
    holds: fill ? `holds ${held.length}: ${fill.said}` : '',
  };
}

type BlockProps = {
  block: Block;
  box: Box;
  date: string;
  now: number;
  viewport: RefObject<HTMLElement | null>;
};

/** A task's block: square patterned edge at the left, soft corners at the right. It can be moved and resized. */
export function BlockCard({ block, box, date, now, viewport }: BlockProps) {
  const { task, hue, hours, done, missed, repeats, facts, warning, holds } = useBlockState(block, now);
  const { taskId, minutes } = block;
  const place = {
    taskId,
    minutes,
    block: { id: block.id, start: block.start, group: block.holds !== undefined },
  };
  const open = () => openSheet({ kind: 'task', id: taskId, blockId: block.id });
  const { props, lifted } = useDragItem({ ...place, kind: 'move' }, date, open, {
    d: () => duplicate(block),
  });
  if (!task) return null;
  const roomy = box.height >= TWO_LINES && !box.narrow;
  const roomForButton = box.height >= 44 && box.alone && !box.narrow;
  const look = done
    ? 'border-edge bg-surface'
    : missed
      ? 'border-dashed border-edge bg-surface'
      : 'border-transparent bg-fill';
  return (
    <View
      {...props}
      id={blockElementId(block.id)}
      aria-label={[
        task.title,
        hours,
        durationWords(lengthOf(spanOfBlock(block))),
        done ? 'done' : missed ? 'not started' : '',
        repeats ? 'repeats' : '',
        holds,
        warning,
      ]
        .filter(Boolean)
        .join(', ')}
      className={`hue-${hue} absolute cursor-grab touch-manipulation select-none overflow-hidden rounded-r-lg border ${box.narrow ? 'pl-1.5' : 'pl-3'} ${roomForButton && !done ? 'pr-11' : box.narrow ? 'pr-0.5' : 'pr-2'} ${look} ${lifted ? 'opacity-50' : ''} ${box.height < 30 ? 'justify-center' : 'py-1'}`}
      style={placeOf(box)}
    >
      <EdgeMark />
      {block.holds && <GroupArea block={block} viewport={viewport} />}
      <View className="flex-row items-center gap-1.5">
        {done && !box.narrow && <Icon name="check" size={14} colour="edge" />}
        <View className="shrink">
          <Title box={box} late={warning}>
            {task.title}
          </Title>
        </View>
        {repeats && !box.narrow && <Icon name="repeat" size={12} colour="edge" />}
        {!done && !box.narrow && task.priority !== 'normal' && <PriorityMark priority={task.priority} />}
      </View>
      {roomy && (
        <View className={block.holds ? 'flex-row gap-2' : ''}>
          <Words size="xs" tone="soft" numberOfLines={1}>
            {facts}
          </Words>
          {warning && (
            <Words size="xs" tone="brick" face="strong" numberOfLines={1}>
              {warning}
            </Words>
          )}
        </View>
      )}
      {roomy && block.holds && <HeldTasks block={block} room={box.height - 42} />}
      {!done && roomForButton && (
        <View className="absolute right-0 top-0">
          <TimerButton subject={{ kind: 'task', taskId }} small />
        </View>
      )}
      {!done && box.height >= 30 && <ResizeHandle place={place} />}
    </View>
  );
}

/** The lower edge of a card, by which it is made longer or shorter. The keyboard does it on the card itself. */
const ResizeHandle = ({ place }: { place: Omit<Dragged, 'kind'> }) => (
  <View
    {...pressable({ ...place, kind: 'resize' })}
    aria-hidden
    className="resize-handle absolute bottom-0 left-0 right-0 h-3 cursor-ns-resize touch-manipulation"
  />
);
