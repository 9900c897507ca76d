import { View } from 'react-native';
import type { Task } from '@/core/model/task';
import { estimated } from '@/core/tasks/find';
import { partsOf } from '@/core/tasks/parts';
import { minutesPlanned, taskOf } from '@/core/tasks/places';
import { durationWords } from '@/core/time/words';
import { minutesSpent } from '@/core/track/spent';
import { TickBox } from '@/board/taskParts';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** The parts of a larger task with the sum of what they are estimated at, planned and took; of a part, what it belongs to. */
export function Parts({ task }: { task: Task }) {
  const workspace = useWorkspace();
  const { now } = useMoment();
  const whole = task.partOf === undefined ? undefined : taskOf(workspace, task.partOf);
  const parts = partsOf(workspace, task.id);
  if (whole)
    return (
      <View className="flex-row flex-wrap items-center gap-1">
        <Words tone="soft">A part of</Words>
        <Button label={whole.title} kind="quiet" onPress={() => openPanel({ kind: 'task', id: whole.id })} />
      </View>
    );
  if (parts.length === 0) return null;
  const all = [task, ...parts];
  const planned = all.reduce((sum, { id }) => sum + minutesPlanned(workspace, id), 0);
  const spent = all.reduce((sum, { id }) => sum + minutesSpent(workspace.entries, id, now), 0);
  const open = parts.filter(({ doneAt }) => doneAt === null).length;
  return (
    <View role="group" aria-label="Parts" className="gap-1">
      <Words size="xs" tone="soft">
        Parts · {parts.length - open} of {parts.length} done
      </Words>
      <Words>
        {[
          `${durationWords(estimated(parts))} estimated`,
          `${planned === 0 ? 'nothing' : durationWords(planned)} planned`,
          ...(spent === 0 ? [] : [`${durationWords(spent)} spent`]),
        ].join(', ')}
      </Words>
      {parts.map((part) => (
        <View key={part.id} className="flex-row items-center border-b border-line">
          <TickBox task={part} />
          <View className="flex-1">
            <Button
              label={part.title}
              kind="quiet"
              onPress={() => openPanel({ kind: 'task', id: part.id })}
            />
          </View>
          <Words face="strong">{part.estimate === null ? '' : durationWords(part.estimate)}</Words>
        </View>
      ))}
    </View>
  );
}
