import { View } from 'react-native';
import { placeTask } from '@/core/commands/plan';
import { whatFits } from '@/core/plan/freed';
import { pockets } from '@/core/plan/placing';
import { dueWords } from '@/core/tasks/dueWords';
import { intersect, lengthOf, type Span } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { clockWords, dayWords, durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { newId, store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { useToday } from '../useNow';
import { Heading, Words } from '../Words';

/** What fits into time that has become free; each task that is placed takes its part of it. */
export function FreedTime({ freed }: { freed: readonly Span[] }) {
  const workspace = useWorkspace();
  const left = freed
    .flatMap((span) =>
      intersect([span], pockets(workspace, dateOf(span.from, session.zone), session.zone, session.now())),
    )
    .filter((span) => lengthOf(span) >= 5);
  if (left.length === 0) return <Words tone="soft">All of it has been filled.</Words>;
  return (
    <View className="gap-6">
      {left.map((pocket) => (
        <Pocket key={pocket.from} pocket={pocket} />
      ))}
    </View>
  );
}

function Pocket({ pocket }: { pocket: Span }) {
  const workspace = useWorkspace();
  const today = useToday();
  const { clock } = workspace.settings;
  const at = (instant: number) => clockWords(instant, session.zone, clock);
  const day = dayWords(dateOf(pocket.from, session.zone), today);
  const fits = whatFits(workspace, pocket, session.zone, session.now());
  return (
    <View className="gap-2">
      <Heading level={2}>
        {day.replace(/^./, (first) => first.toUpperCase())}, {at(pocket.from)} – {at(pocket.to)}
      </Heading>
      <Words tone="soft">{durationWords(lengthOf(pocket))} free. What fits, most pressing first:</Words>
      {fits.length === 0 && <Words tone="soft">No task that needs a place fits here in time.</Words>}
      {fits.map(({ task, start, minutes }) => (
        <Button
          key={task.id}
          label={[task.title, durationWords(minutes), task.due ? dueWords(task.due, today, clock) : '']
            .filter(Boolean)
            .join(' · ')}
          onPress={() =>
            store.run(
              placeTask,
              { id: newId(), taskId: task.id, start, minutes },
              `${task.title}: ${day} ${at(start)}, ${durationWords(minutes)}`,
            )
          }
        />
      ))}
    </View>
  );
}
