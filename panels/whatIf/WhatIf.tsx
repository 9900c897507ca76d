import { View } from 'react-native';
import { compared, type Compared } from '@/core/forecast/standing';
import { useWorkspace } from '@/state/shown';
import { store, useStore } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Foot } from '@/ui/Foot';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { useWorkedOut } from '@/ui/useWorkedOut';
import { Subheading, Words } from '@/ui/Words';
import { QUARTER, useSince } from '@/ui/useSince';

/** What would be if hours, meetings, zones, the plan or estimates were others: changed on trial, with the figures side by side. */
function WhatIf() {
  const trial = useStore((state) => state.trial);
  if (trial?.kind !== 'whatIf') return <Begin isPlanOnTrial={trial !== null} />;
  return (
    <View className="gap-5">
      <Words>
        Go on and change what you like: move or delete a meeting, give a day other hours, stretch a zone, give
        a task another estimate or date, move blocks. It shows here what that would do. What you note, tick
        off or time counts at once all the same.
      </Words>
      <Tried />
      <SideBySide />
      <Foot>
        <Button label="Keep it" kind="primary" disabled={trial.past.length === 0} onPress={keep} />
        <Button label="Drop it" onPress={drop} />
      </Foot>
    </View>
  );
}

function keep(): void {
  store.accept('what was tried', 'It counts now');
  closePanel();
}

function drop(): void {
  store.leaveTrial();
  closePanel();
}

const Begin = ({ isPlanOnTrial }: { isPlanOnTrial: boolean }) => (
  <View className="gap-5">
    <Words>
      Change hours, meetings, zones, estimates or the plan, and see what that would do before any of it
      counts: whether all fits, how much a plan gets done in time, when today ends, how sure each deadline is.
    </Words>
    {isPlanOnTrial && <Words tone="brick">The plan that is on trial has to be accepted or left first.</Words>}
    <Foot>
      <Button
        label="Try something"
        kind="primary"
        disabled={isPlanOnTrial}
        onPress={() => store.tryOut('What if', 'whatIf')}
      />
    </Foot>
  </View>
);

/** The changes so far, the last one first; the last can be taken back. */
function Tried() {
  const past = useStore(({ trial }) => trial?.past);
  const last = past?.at(-1);
  if (!past || !last) return <Words tone="soft">Nothing is changed yet.</Words>;
  return (
    <View className="flex-row flex-wrap items-center gap-x-3">
      <Words face="strong">
        {past.length === 1 ? 'One change' : `${past.length} changes`}, last: {last.label}
      </Words>
      <Button label="Take it back" kind="quiet" onPress={() => store.undo(last)} />
    </View>
  );
}

function SideBySide() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const real = useStore((state) => state.workspace);
  const since = useSince(QUARTER);
  const is = useWorkedOut('standing', `is ${zone}`, since, null, real);
  const would = useWorkedOut('standing', `would ${zone}`, since);
  if (!('answer' in is) || !('answer' in would)) return <Words aria-busy>Working both out…</Words>;
  return (
    <View className="gap-3" aria-live="polite">
      {compared(is.answer, would.answer, { workspace, zone, now }).map((row) => (
        <Row key={row.what} row={row} />
      ))}
    </View>
  );
}

function Row({ row: { what, is, would, better } }: { row: Compared }) {
  return (
    <View className="gap-1 border-b border-line pb-2">
      <Subheading>{what}</Subheading>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Words size="xs" tone="soft">
            as it is
          </Words>
          <Words>{is}</Words>
        </View>
        <View className="flex-1">
          <Words size="xs" tone="soft">
            {better === null ? 'what if' : better ? 'what if: better' : 'what if: worse'}
          </Words>
          <Words
            face={better === null ? 'text' : 'strong'}
            tone={better === null ? 'ink' : better ? 'pine' : 'brick'}
          >
            {is === would ? 'the same' : would}
          </Words>
        </View>
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** What would be if something were other than it is. */
    whatIf: object;
  }
}

export const whatIf: Panel<Panels['whatIf']> = { useTitle: () => 'What if', Content: WhatIf };
