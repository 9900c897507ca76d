import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { ruleWords } from '@/core/calendar/repeat';
import type { Task } from '@/core/model/task';
import { isWaiting } from '@/core/tasks/inbox';
import { partsOf } from '@/core/tasks/parts';
import { taskOf } from '@/core/tasks/places';
import { repeatingOf } from '@/core/tasks/repeating';
import { durationWords } from '@/core/time/words';
import { minutesSpent } from '@/core/track/spent';
import { useMoment } from '@/ui/clock';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { EdgeMark, PriorityMark } from '@/board/marks';
import { openPanel } from '@/ui/panels';
import { DueNote, TickBox, TimerButton, useHue } from '@/board/taskParts';
import { Tick } from '@/ui/Tick';
import { useHold } from '@/ui/useHold';
import { useIsNarrow, useWide } from '@/ui/useWide';
import { Title, Words } from '@/ui/Words';

/** Whether a task is chosen, while several are being chosen. */
export type TaskChoice = { readonly chosen: boolean; readonly onChoose: () => void };

type Props = { task: Task; grip?: ReactNode; choice?: TaskChoice | undefined };

/** One task of a list, with what can be done with it; a click opens it to edit. */
export function TaskLine({ task, grip, choice }: Props) {
  const { now } = useMoment();
  const workspace = useWorkspace();
  const { calendars, lists, entries, repeats } = workspace;
  const repeating = repeatingOf(task, repeats);
  const hue = useHue(task);
  const wide = useWide();
  const hold = useHold(wide ? undefined : () => openPanel({ kind: 'actions', taskId: task.id }));
  const done = task.doneAt !== null;
  const spent = minutesSpent(entries, task.id, now);
  const parts = partsOf(workspace, task.id);
  const amount = task.estimate === null ? '' : durationWords(task.estimate);
  const narrow = useIsNarrow();
  const facts = [
    isWaiting(task) ? 'Inbox' : lists.get(task.listId)?.name,
    task.origin?.kind === 'account'
      ? `from ${calendars.get(task.origin.calendarId)?.name ?? 'an account'}`
      : '',
    done
      ? spent > 0
        ? `took ${durationWords(spent)}`
        : 'done'
      : spent > 0
        ? `${durationWords(spent)} spent`
        : '',
    stepsWords(task),
    parts.length > 0
      ? `${parts.filter(({ doneAt }) => doneAt !== null).length} of ${parts.length} parts`
      : '',
    task.partOf === undefined ? '' : `part of ${taskOf(workspace, task.partOf)?.title ?? 'a task'}`,
    repeating && !done
      ? ruleWords(repeating.rule, repeating.start.wall.slice(0, 10), workspace.settings)
      : '',
  ];
  return (
    <View
      className={`${hue} mb-1.5 flex-row flex-wrap items-center gap-1 overflow-hidden rounded-r-lg border border-line bg-surface py-1 pl-1.5 pr-2`}
    >
      <EdgeMark />
      {grip}
      {choice ? (
        <Pressable
          role="checkbox"
          aria-checked={choice.chosen}
          aria-label={`Choose: ${task.title}`}
          onPress={choice.onChoose}
          className="h-[44px] w-[44px] items-center justify-center"
        >
          <Tick ticked={choice.chosen} look="on" size={22} />
        </Pressable>
      ) : (
        <TickBox task={task} />
      )}
      <Pressable
        role="button"
        onPress={choice?.onChoose ?? (() => openPanel({ kind: 'task', id: task.id }))}
        {...hold}
        className="min-h-[48px] min-w-[7rem] flex-1 justify-center"
      >
        <Title tone={done ? 'soft' : 'ink'} narrow={narrow}>
          {task.title}
        </Title>
        <DueNote task={task} before={facts.filter(Boolean).join(' · ')} />
      </Pressable>
      <View className="w-2.5">{task.priority !== 'normal' && <PriorityMark priority={task.priority} />}</View>
      <View className="min-w-[52px] items-end">
        <Words face="strong">{amount}</Words>
      </View>
      {!done && wide && (
        <Button
          label="Place…"
          says={`Place ${task.title}`}
          kind="quiet"
          onPress={() => openPanel({ kind: 'place', taskId: task.id })}
        />
      )}
      {!done && (
        <View className={wide ? 'w-[90px]' : ''}>
          <TimerButton subject={{ kind: 'task', taskId: task.id }} small={!wide} />
        </View>
      )}
    </View>
  );
}

/** How far the steps of a task have come. */
function stepsWords({ steps = [] }: Task): string {
  const done = steps.filter(({ doneAt }) => doneAt !== null).length;
  return steps.length === 0 ? '' : `${done} of ${steps.length} steps`;
}
