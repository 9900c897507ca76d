import { Pressable } from 'react-native';
import type { Subject } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { briefWords } from '@/core/feasible/words';
import { hueOfTask } from '@/core/plan/lens';
import { isOverdue, lastInstant } from '@/core/tasks/deadline';
import { deadlineWords } from '@/core/tasks/dueWords';
import { subjectTitle } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { useStore } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button, IconButton } from '@/ui/Button';
import { Tick } from '@/ui/Tick';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { start, startOrStop, stop, toggleDone, useRunning } from '@/actions/tasks';
import { keys } from './keyTable';
import { useTight } from './useTight';

/** The hue class of a task. */
export function useHue(task: Task | undefined): string {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  return `hue-${hueOfTask(task, workspace, zone, now)}`;
}

/** A square box that is ticked when the task is done; `small` where lines are close to each other. */
export function TickBox({ task, small = false }: { task: Task; small?: boolean }) {
  // at once, whatever else is still being drawn
  const { doneAt } = useStore(({ workspace }) => workspace.tasks.get(task.id) ?? task);
  const done = doneAt !== null;
  return (
    <Pressable
      role="checkbox"
      aria-checked={done}
      aria-label={`Done: ${task.title}`}
      onPress={() => toggleDone(task)}
      className={`items-center justify-center ${small ? 'h-6 w-6' : 'h-[44px] w-[44px]'}`}
    >
      <Tick ticked={done} look="done" size={small ? 16 : 22} />
    </Pressable>
  );
}

/** What keys do on something that time is spent on, as it stands on a day: start or stop the timer, open the time spent. */
export const timeKeys = (subject: Subject, date: string) => ({
  [keys.onAThing.timer]: () => startOrStop(subject),
  [keys.onAThing.time]: () => openPanel({ kind: 'spent', subject, date }),
});

/** What keys do on a task wherever it stands: these, and tick it off. */
export const taskKeys = (task: Task, date: string) => ({
  ...timeKeys({ kind: 'task', taskId: task.id }, date),
  [keys.onAThing.done]: () => toggleDone(task),
});

/** When a task is due, and that it is overdue. */
export function DueNote({ task, before = '' }: { task: Task; before?: string }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { events } = workspace;
  const overdue = isOverdue(task, events, zone, now);
  const last = lastInstant(task, events, zone);
  const tight = useTight().find(
    ({ to, needs }) => to === last && needs.some((need) => need.task.id === task.id),
  );
  const note = deadlineWords(task, workspace, zone, now);
  if (!note && !before) return null;
  return (
    <>
      <Words size="xs" tone={overdue ? 'brick' : 'soft'} face={overdue ? 'strong' : 'text'} numberOfLines={2}>
        {[before, note].filter(Boolean).join(' · ')}
      </Words>
      {tight && (
        <Words size="xs" tone="brick" face="strong">
          {briefWords(tight, workspace, zone)}
        </Words>
      )}
    </>
  );
}

/** Starts the timer on something, or stops it where it runs. On a phone, in `small`, it is an icon only. */
export function TimerButton({ subject, small = false }: { subject: Subject; small?: boolean }) {
  const title = subjectTitle(subject, useWorkspace());
  const running = useRunning(subject);
  const press = running ? stop : () => start(subject);
  const [label, icon] = running ? (['Stop', 'stop'] as const) : (['Start', 'start'] as const);
  if (small)
    return (
      <IconButton
        label={`${label} ${title}`}
        icon={icon}
        colour={running ? 'amber' : 'pine'}
        onPress={press}
      />
    );
  return <Button label={label} says={`${label} ${title}`} icon={icon} onPress={press} />;
}
