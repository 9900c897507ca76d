import { Pressable, View } from 'react-native';
import type { Task } from '@/core/model/task';
import { cardWarning, snagWords } from '@/core/plan/findingWords';
import { judgeBlock } from '@/core/plan/judge';
import type { Snag } from '@/core/plan/snags';
import type { Timed } from '@/core/plan/things';
import type { NowItem } from '@/core/review/nowView';
import type { Took } from '@/core/review/similar';
import { lengthOf, type Span } from '@/core/time/span';
import { asLine, clockWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { joiningOf } from '@/core/calendar/joining';
import { JoinButton } from '@/board/JoinButton';
import { EdgeMark, PriorityMark } from '@/board/marks';
import { openPanel } from '@/ui/panels';
import { DueNote, TickBox, TimerButton, useHue } from '@/board/taskParts';
import { subjectOfMeeting } from '@/core/track/spent';
import { webProps } from '@/ui/dom';
import { useIsNarrow, useWide } from '@/ui/useWide';
import { Title, Words } from '@/ui/Words';

/** A task that could be done now, with how long such tasks took, where that is known. */
export function TaskRow({ task, took }: { task: Task; took?: Took | undefined }) {
  const narrow = useIsNarrow();
  const hue = useHue(task);
  return (
    <View
      className={`${hue} mb-2 flex-row flex-wrap items-center gap-1 overflow-hidden rounded-r-lg border border-line bg-surface py-1.5 pl-2 pr-2`}
    >
      <EdgeMark />
      <TickBox task={task} />
      <Pressable
        role="button"
        className="min-h-[44px] min-w-[7rem] flex-1 justify-center"
        onPress={() => openPanel({ kind: 'task', id: task.id })}
      >
        <Title narrow={narrow} lines={3}>
          {task.title}
        </Title>
        <DueNote task={task} before={lengthWords(task, took)} />
      </Pressable>
      {task.priority !== 'normal' && <PriorityMark priority={task.priority} />}
      <TimerButton subject={{ kind: 'task', taskId: task.id }} />
    </View>
  );
}

const lengthWords = ({ estimate }: Task, took: Took | undefined): string =>
  [estimate === null ? '' : durationWords(estimate), took ? `such took ${durationWords(took.minutes)}` : '']
    .filter(Boolean)
    .join(', ');

type RowProps = {
  item: NowItem;
  now: number;
  boxed?: boolean;
  /** What is wrong with it in the order of the day. */
  snags?: readonly Snag[] | undefined;
};

/** One line of the day's sequence: a meeting, a block or a free pocket. */
export function ItemRow({ item, now, boxed = false, snags = [] }: RowProps) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const box = boxed ? 'mb-2 border bg-surface px-3' : 'border-b';
  return (
    <View
      className={`min-h-[52px] flex-row flex-wrap items-center gap-x-3 border-line py-1 ${box}`}
      {...webProps({ dataSet: { row: `${item.kind} ${item.from}` } })}
    >
      <View className="w-14">
        <Words face="mono" tone="soft">
          {clockWords(Math.max(item.from, item.kind === 'pocket' ? now : 0), zone, clock)}
        </Words>
      </View>
      {item.kind === 'pocket' ? <PocketBody pocket={item} /> : <ItemBody item={item} />}
      {snags.length > 0 && (
        <View className="basis-full pl-[68px]">
          <Warning words={asLine(snags.map(snagWords).join(', '))} />
        </View>
      )}
    </View>
  );
}

/** Free time, and the way to put something into it. */
function PocketBody({ pocket }: { pocket: Span }) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const length = durationWords(lengthOf(pocket));
  return (
    <>
      <View className="min-w-[7rem] flex-1">
        <Words tone="soft">{length} free</Words>
      </View>
      <Button
        label="Put in…"
        says={`Put in… ${length} from ${clockWords(pocket.from, zone, clock)} on`}
        kind="quiet"
        onPress={() => openPanel({ kind: 'freed', freed: [pocket] })}
      />
    </>
  );
}

const Warning = ({ words }: { words: string }) => (
  <Words size="xs" tone="brick" face="strong">
    {words}
  </Words>
);

function ItemBody({ item }: { item: Timed }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const length = durationWords(lengthOf(item));
  const narrow = useIsNarrow();
  const wide = useWide();
  if (item.kind === 'meeting') {
    const meeting = item.event;
    return (
      <>
        <Pressable
          role="button"
          className="min-h-[44px] min-w-[7rem] flex-1 justify-center"
          onPress={() => openPanel({ kind: 'meeting', meeting })}
        >
          <Title narrow={narrow} lines={3}>
            {meeting.title}
          </Title>
          <Words size="xs" tone="soft">
            {[length, 'meeting', meeting.location, meeting.busy ? '' : 'free'].filter(Boolean).join(' · ')}
          </Words>
        </Pressable>
        <JoinButton meeting={meeting} />
        <TimerButton
          subject={subjectOfMeeting(meeting)}
          small={!wide && joiningOf(workspace, meeting) !== undefined}
        />
      </>
    );
  }
  const { task, block } = item;
  const warning = cardWarning(judgeBlock(workspace, block, { zone }));
  return (
    <>
      <Pressable
        role="button"
        className="min-h-[44px] min-w-[7rem] flex-1 justify-center"
        onPress={() => openPanel({ kind: 'task', id: task.id, blockId: block.id })}
      >
        <Title narrow={narrow} lines={3}>
          {task.title}
        </Title>
        <DueNote task={task} before={length} />
        {warning && <Warning words={warning} />}
      </Pressable>
      <TimerButton subject={{ kind: 'task', taskId: task.id }} />
    </>
  );
}
