import { View } from 'react-native';
import type { TimeEntry } from '@/core/model/plan';
import { clockWords, durationWords } from '@/core/time/words';
import { minutesOf } from '@/core/time/span';
import { subjectTitle, taskOf } from '@/core/tasks/places';
import { spanOfEntry } from '@/core/track/spent';
import { hueOfTask } from '@/core/plan/lens';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import type { Scale } from './scale';

export const LANE_WIDTH = 22;
export const NARROW_LANE_WIDTH = 8;

type Props = {
  entries: readonly TimeEntry[];
  planned: ReadonlySet<string>;
  scale: Scale;
  now: number;
  width: number;
};

/**
 * The narrow lane of what really happened, on the same scale as the plan. `planned` are the ids of tasks that the day
 * had a place for; other work has a dotted outline.
 */
export function ActualLane({ entries, planned, scale, now, width }: Props) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  return (
    <View
      role="list"
      aria-label="What really happened"
      className="absolute bottom-0 right-0 top-0 border-l border-line"
      style={{ width }}
    >
      {entries.map((entry) => {
        const { from, to } = spanOfEntry(entry, now);
        const { subject } = entry;
        const task = subject.kind === 'task' ? taskOf(workspace, subject.taskId) : undefined;
        const unplanned =
          subject.kind === 'other' || (subject.kind === 'task' && !planned.has(subject.taskId));
        const look =
          entry.to === null
            ? 'bg-amber'
            : unplanned
              ? 'border border-dotted border-edge'
              : subject.kind === 'event'
                ? 'bg-meeting'
                : 'bg-edge';
        const covered = scale.over({ from, to });
        return (
          <View
            key={entry.id}
            role="listitem"
            aria-label={`${subjectTitle(subject, workspace)}, ${clock(from)} – ${clock(to)}, ${durationWords(minutesOf([{ from, to }]))}${unplanned ? ', not planned' : ''}`}
            className={`hue-${task ? hueOfTask(task, workspace, zone, now) : 'berry'} absolute rounded-sm ${width < LANE_WIDTH ? 'left-px right-px' : 'left-1 right-1'} ${look}`}
            style={{ top: covered.top, height: Math.max(2, covered.height - 1) }}
          />
        );
      })}
    </View>
  );
}
