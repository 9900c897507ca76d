import { View } from 'react-native';
import { placeTask } from '@/core/commands/plan';
import { whatFits } from '@/core/plan/freed';
import { pockets } from '@/core/plan/placing';
import { countedWords } from '@/core/tasks/takes';
import { dueWords } from '@/core/tasks/dueWords';
import { intersect, lengthOf, type Span } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { asLine, clockWords, dayWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { Heading, Words } from '@/ui/Words';
import type { Panel, Panels } from '@/ui/panels';

/** What fits into time that has become free; each task that is placed takes its part of it. */
export function FreedTime({ freed }: { freed: readonly Span[] }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const left = freed
    .flatMap((span) => intersect([span], pockets(workspace, dateOf(span.from, zone), zone, now)))
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
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const { clock } = workspace.settings;
  const at = (instant: number) => clockWords(instant, zone, clock);
  const day = dayWords(dateOf(pocket.from, zone), today, workspace.settings);
  const counted = countedWords(workspace);
  const fits = whatFits(workspace, pocket, zone, now);
  return (
    <View className="gap-2">
      <Heading level={2}>
        {asLine(day)}, {at(pocket.from)} – {at(pocket.to)}
      </Heading>
      <Words tone="soft">
        {durationWords(lengthOf(pocket))} free. What fits{counted && ` ${counted}`}, most pressing first:
      </Words>
      {fits.length === 0 && <Words tone="soft">No task that needs an hour fits here in time.</Words>}
      {fits.map(({ task, trayId, start, minutes }) => (
        <Button
          key={task.id}
          label={[
            task.title,
            durationWords(minutes),
            task.due ? dueWords(task.due, today, workspace.settings) : '',
          ]
            .filter(Boolean)
            .join(' · ')}
          onPress={() =>
            store.run(
              placeTask,
              { id: newId(), taskId: task.id, start, minutes, trayId },
              `${task.title}: ${day} ${at(start)}, ${durationWords(minutes)}`,
            )
          }
        />
      ))}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** What fits into pockets that have become free. */
    freed: { readonly freed: readonly Span[] };
  }
}

export const freed: Panel<Panels['freed']> = { useTitle: () => 'Free time', Content: FreedTime };
