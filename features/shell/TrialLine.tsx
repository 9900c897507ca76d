import { acceptAll, leave } from '@/panels/fit/fitting';
import type { Trial } from '@/state/trial';
import { useStore } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { openPanel, usePanels } from '@/ui/panels';
import { TopLine } from './TopLine';

const panelOf = (trial: Trial | null) => (trial?.kind === 'whatIf' ? 'whatIf' : 'fit');

/** That what is shown is only tried out, with the ways out of it, wherever one goes. */
export function TrialLine() {
  const trial = useStore((state) => state.trial);
  const isOpen = usePanels(({ shown }) => shown?.kind === panelOf(trial));
  if (!trial) return null;
  const { name, kind } = trial;
  const isPlan = kind === 'plan';
  return (
    <TopLine kind="On trial" title={name} line="Nothing of it counts yet.">
      {!isOpen && (
        <Button
          label="Show"
          says={isPlan ? 'Show the plan' : 'Show what it does'}
          onPress={() => openPanel({ kind: panelOf(trial) })}
        />
      )}
      {isPlan && !isOpen && <Button label="Accept all" kind="primary" onPress={acceptAll} />}
      <Button label={isPlan ? 'Leave it' : 'Drop it'} kind="quiet" onPress={leave} />
    </TopLine>
  );
}
