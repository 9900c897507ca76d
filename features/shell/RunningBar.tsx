import { usePathname } from 'expo-router';
import { Pressable, View } from 'react-native';
import { interruptOrGoBack } from '@/actions/interruptions';
import { stop, toggleDone } from '@/actions/tasks';
import { useDrawer } from '@/board/drawer';
import { EdgeMark } from '@/board/marks';
import { useHue } from '@/board/taskParts';
import { subjectTitle, taskOf } from '@/core/tasks/places';
import { durationWords, stopwatchWords } from '@/core/time/words';
import { MINUTE } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { runningEntry } from '@/core/track/entries';
import { interrupted } from '@/core/track/interruptions';
import { minutesSpent } from '@/core/track/spent';
import type { TimeEntry } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { useWorkspace } from '@/state/shown';
import { useRunningTitle } from '@/ui/announce';
import { IconButton } from '@/ui/Button';
import { useMoment, useSecond } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';

/**
 * What the timer runs on, in sight at every place: above the places of a phone, below them on a wide screen. Today has a card
 * of its own for it, and the open list of tasks to place needs its room on a phone.
 */
export function RunningBar() {
  const { now } = useMoment();
  const workspace = useWorkspace();
  const path = usePathname();
  const drawerOpen = useDrawer(({ open }) => open);
  const entry = runningEntry(workspace.entries);
  const minutes = entry ? Math.max(0, Math.round((now - entry.from) / MINUTE)) : 0;
  useRunningTitle(entry ? `${durationWords(minutes)} ${subjectTitle(entry.subject, workspace)}` : '');
  return entry && path !== '/today' && !drawerOpen ? <Running entry={entry} /> : null;
}

function Running({ entry }: { entry: TimeEntry }) {
  const wide = useWide();
  // the hours of a low phone need the room; Today and the tab say what runs
  const path = usePathname();
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { subject } = entry;
  const title = subjectTitle(subject, workspace);
  const task = subject.kind === 'task' ? taskOf(workspace, subject.taskId) : undefined;
  const isOver =
    task !== undefined &&
    task.estimate !== null &&
    minutesSpent(workspace.entries, task.id, now) > task.estimate;
  const hue = useHue(task);
  const estimate = task?.estimate ? `of ${durationWords(task.estimate)}` : '';
  const open = () =>
    task
      ? openPanel({ kind: 'task', id: task.id })
      : openPanel({ kind: 'spent', subject, date: dateOf(now, zone) });
  return (
    <View
      role="region"
      aria-label={`Running: ${title}`}
      className={`${hue} not-printed border-line bg-surface ${wide ? 'w-[84px] border-r border-t pb-2' : `flex-row items-center border-t pr-1 ${path === '/plan' ? 'short:hidden' : ''}`}`}
    >
      <EdgeMark />
      <View className={wide ? 'pl-3 pt-2' : 'pl-3'}>
        <Since from={entry.from} />
      </View>
      <Pressable
        role="button"
        aria-label={`${[title, estimate].filter(Boolean).join(' ')}, which runs: open it`}
        onPress={open}
        className={`min-h-[44px] ${wide ? 'ml-2 mr-1 pl-1 short:hidden' : 'flex-1 flex-row items-center gap-2 pl-2'}`}
      >
        <View className={wide ? '' : 'shrink grow'}>
          <Words size="xs" face="strong" numberOfLines={wide ? 3 : 1}>
            {`${title} `}
          </Words>
        </View>
        {estimate !== '' && (
          <Words size="xs" tone={isOver ? 'brick' : 'soft'}>
            {estimate}
          </Words>
        )}
      </Pressable>
      <Acts entry={entry} task={task} wide={wide} />
    </View>
  );
}

type ActsProps = { entry: TimeEntry; task: Task | undefined; wide: boolean };

/** Done, something else, stop; a low wide window has room for the last only. */
function Acts({ entry, task, wide }: ActsProps) {
  const workspace = useWorkspace();
  const before = interrupted(workspace.entries, entry);
  return (
    <View className={wide ? 'items-center' : 'flex-row'}>
      <View className={wide ? 'short:hidden' : 'flex-row'}>
        {task && (
          <IconButton
            label="Done with what runs"
            icon="check"
            colour="pine"
            onPress={() => toggleDone(task)}
          />
        )}
        <IconButton
          label={
            before ? `Back to ${subjectTitle(before.subject, workspace)}` : 'Time something else that came in'
          }
          icon={before ? 'return' : 'aside'}
          colour="ink-soft"
          onPress={interruptOrGoBack}
        />
      </View>
      <IconButton label="Stop what runs" icon="stop" colour="amber" onPress={stop} />
    </View>
  );
}

/** How long it has run this time; alone, as it is drawn each second. */
const Since = ({ from }: { from: number }) => (
  <View role="timer" aria-label="Running time">
    <Words size="xs" face="mono" tone="amber">
      {stopwatchWords(useSecond() - from)}
    </Words>
  </View>
);
