import { View } from 'react-native';
import type { TimeEntry } from '@/core/model/plan';
import { paceWords } from '@/core/review/pace';
import { blocksIn, spanOfBlock, subjectTitle, taskOf } from '@/core/tasks/places';
import { clockWords, durationWords, stopwatchWords } from '@/core/time/words';
import { interrupted, isUnnamed } from '@/core/track/interruptions';
import { minutesSpent } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { useMoment, useSecond } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { EdgeMark, PriorityMark } from '@/board/marks';
import { interruptOrGoBack, nameInterruption } from '@/actions/interruptions';
import { stop, toggleDone } from '@/actions/tasks';
import { useHue } from '@/board/taskParts';
import { Words } from '@/ui/Words';

/** What the timer runs on, beside its estimate. */
export function RunningCard({ entry }: { entry: TimeEntry }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { subject } = entry;
  const task = subject.kind === 'task' ? taskOf(workspace, subject.taskId) : undefined;
  const hue = useHue(task);
  const spent = task ? minutesSpent(workspace.entries, task.id, now) : 0;
  const block =
    task && blocksIn(workspace, { from: now, to: now + 1 }, zone).find(({ taskId }) => taskId === task.id);
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  const about = [
    task ? workspace.lists.get(task.listId)?.name : subject.kind === 'other' ? 'Not planned' : 'Meeting',
    block ? `planned ${clock(block.start)} – ${clock(spanOfBlock(block).to)}` : '',
  ];
  const estimate = task?.estimate ?? null;
  const before = interrupted(workspace.entries, entry);
  return (
    <View
      role="group"
      aria-label="Running"
      className={`${hue} gap-2 overflow-hidden rounded-r-xl border border-line bg-surface py-4 pl-5 pr-4`}
    >
      <EdgeMark />
      <View className="flex-row items-center justify-between gap-2">
        <View className="flex-1">
          <Words size="base" face="strong" numberOfLines={3}>
            {subjectTitle(subject, workspace)}
          </Words>
          <Words tone="soft">{about.filter(Boolean).join(' · ')}</Words>
        </View>
        {task && <PriorityMark priority={task.priority} />}
      </View>
      <Stopwatch from={entry.from} />
      {estimate !== null && (
        <>
          <Words tone="soft">
            {spent > 0 ? `${durationWords(spent)} of ` : 'of '}
            {durationWords(estimate)} · {paceWords(workspace, estimate, spent, zone, now)}
          </Words>
          <EstimateBar spent={spent} estimate={estimate} />
        </>
      )}
      {subject.kind === 'other' && (
        <Field
          key={entry.id}
          label="What it is"
          text={isUnnamed(subject) ? '' : subject.title}
          placeholder="Phone, a visitor, the pump"
          read={readTitle}
          onSave={(title) => void nameInterruption(entry, title)}
        />
      )}
      <View className="flex-row gap-2 pt-1">
        {task && (
          <Button
            label="Done"
            says={`Done: ${task.title}`}
            kind="primary"
            grow
            onPress={() => toggleDone(task)}
          />
        )}
        <Button
          label="Stop"
          says={`Stop ${subjectTitle(subject, workspace)}`}
          kind={task ? 'plain' : 'primary'}
          grow
          onPress={stop}
        />
      </View>
      <View className="-mb-2 -ml-3 flex-row">
        <Button
          label={before ? `Back to ${subjectTitle(before.subject, workspace)}` : 'Something else came in'}
          icon={before ? 'return' : 'aside'}
          kind="quiet"
          onPress={interruptOrGoBack}
        />
      </View>
    </View>
  );
}

function Stopwatch({ from }: { from: number }) {
  return (
    <View role="timer" aria-label="Running time">
      <Words size="xl" face="mono">
        {stopwatchWords(useSecond() - from)}
      </Words>
    </View>
  );
}

/** Time spent against the estimate; the notch is the estimate, what goes beyond is hatched. */
function EstimateBar({ spent, estimate }: { spent: number; estimate: number }) {
  const whole = Math.max(estimate * 1.2, spent);
  const part = (minutes: number) => `${(100 * minutes) / whole}%` as const;
  return (
    <View aria-hidden className="h-2.5 flex-row bg-sunken">
      <View className="bg-amber" style={{ width: part(Math.min(spent, estimate)) }} />
      <View className="hatch-over" style={{ width: part(Math.max(0, spent - estimate)) }} />
      <View className="absolute -bottom-0.5 -top-0.5 w-0.5 bg-ink" style={{ left: part(estimate) }} />
    </View>
  );
}
