import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { feasible, type Feasible, type Need, type Tight } from '@/core/feasible/feasible';
import { mendsOf } from '@/core/feasible/mends';
import { shortWords, stretchWords } from '@/core/feasible/words';
import { deadlineWords } from '@/core/tasks/dueWords';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Foot } from '@/ui/Foot';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { Heading, Subheading, Words } from '@/ui/Words';
import { Mends } from '../parts/Mends';
import { Chances } from './Chances';

/** Whether all can be done that is due in the next four weeks; where not, the first stretch that cannot work and what would mend it. */
function DoesItFit({ until }: Panels['feasible']) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const found = feasible(workspace, zone, now);
  const [asked, ask] = useState(until);
  const tight = found.tight.find(({ to }) => to === asked) ?? found.tight[0];
  return (
    <View className="gap-5">
      {tight ? (
        <Stretch key={tight.to} tight={tight} found={found} />
      ) : (
        <Words size="base" aria-live="polite">
          {found.needs.length === 0
            ? 'Nothing that is due in the next four weeks still needs a place.'
            : `It fits: ${durationWords(found.needs.reduce((sum, { minutes }) => sum + minutes, 0))} that is due in the next four weeks can all be done in time.`}
        </Words>
      )}
      {found.tight.length > 1 && <Others found={found} shown={tight} onAsk={ask} />}
      <Chances />
      <Notes found={found} />
      <Foot>
        <Button label="Propose a plan…" onPress={() => openPanel({ kind: 'fit' })} />
        <Button label="What if…" kind="quiet" onPress={() => openPanel({ kind: 'whatIf' })} />
        <Button label="Can I take it on?" kind="quiet" onPress={() => openPanel({ kind: 'promise' })} />
        <Button label="Give free times…" kind="quiet" onPress={() => openPanel({ kind: 'freeTimes' })} />
      </Foot>
    </View>
  );
}

/** One stretch: what is too much in it, what would mend it, and what it is about. */
function Stretch({ tight, found }: { tight: Tight; found: Feasible }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const mends = useMemo(
    () => mendsOf(workspace, found, tight, zone, now),
    [workspace, found, tight, zone, now],
  );
  return (
    <>
      <View className="gap-1" aria-live="polite">
        <Heading level={2} tight>
          {stretchWords(tight, workspace, zone, now)}
        </Heading>
        <Words tone="brick" face="strong">
          {shortWords(tight, workspace)}
        </Words>
      </View>
      <Mends name="Each of these mends it" mends={mends.filter(({ left }) => left === 0)} />
      <Mends
        name={mends.some(({ left }) => left === 0) ? 'These help' : 'No single change mends it; these help'}
        mends={mends.filter(({ left }) => left > 0)}
      />
      {mends.length === 0 && (
        <Words tone="soft">No single change helps. Ask for more time, or do less of it.</Words>
      )}
      <View className="gap-1">
        <Subheading>What needs its place until then</Subheading>
        {tight.needs.map((need) => (
          <NeedRow key={need.task.id} need={need} />
        ))}
      </View>
    </>
  );
}

function NeedRow({ need: { task, minutes } }: { need: Need }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  return (
    <View className="min-h-[52px] flex-row items-center gap-2 border-b border-line py-1">
      <View className="flex-1">
        <Words>{task.title}</Words>
        <Words size="xs" tone="soft">
          {[
            durationWords(minutes),
            task.estimate === null ? 'without an estimate' : '',
            deadlineWords(task, workspace, zone, now),
          ]
            .filter(Boolean)
            .join(' · ')}
        </Words>
      </View>
      <Button
        label="Place…"
        says={`Place… ${task.title}`}
        kind="quiet"
        onPress={() => openPanel({ kind: 'place', taskId: task.id })}
      />
    </View>
  );
}

type OthersProps = { found: Feasible; shown: Tight | undefined; onAsk: (until: number) => void };

/** The deadlines further on that cannot be held as things stand. */
function Others({ found, shown, onAsk }: OthersProps) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  return (
    <View className="gap-1">
      <Subheading>Other deadlines that cannot be held</Subheading>
      {found.tight
        .filter((tight) => tight !== shown)
        .map((tight) => (
          <View key={tight.to} className="-ml-3 items-start">
            <Button
              label={`${stretchWords(tight, workspace, zone, now)}: ${durationWords(tight.short)} short`}
              kind="quiet"
              onPress={() => onAsk(tight.to)}
            />
          </View>
        ))}
    </View>
  );
}

/** What the figures leave out, and what they take for granted. */
function Notes({ found: { unestimated, overdue } }: { found: Feasible }) {
  const notes = [
    unestimated === 0
      ? ''
      : `${unestimated === 1 ? 'One task has no estimate and counts' : `${unestimated} tasks have no estimate and count`} 30 min.`,
    overdue.length === 0
      ? ''
      : `${overdue.length === 1 ? 'One task is overdue' : `${overdue.length} tasks are overdue`} and not counted: nothing can be done in time for ${overdue.length === 1 ? 'it' : 'them'}.`,
  ];
  return (
    <View className="gap-1">
      {notes.filter(Boolean).map((words) => (
        <Words key={words} size="xs" tone="soft">
          {words}
        </Words>
      ))}
      <Words size="xs" tone="soft">
        Free is what the hours of work leave beside meetings, buffers and blocks. Work counts as if it could
        be split at will, so what does not fit here fits in no plan.
      </Words>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Whether all fits that is due; of the stretch that ends at an instant (epoch ms), else of the first that does not. */
    feasible: { readonly until?: number };
  }
}

export const feasiblePanel: Panel<Panels['feasible']> = {
  useTitle: () => 'Does it fit?',
  Content: DoesItFit,
};
