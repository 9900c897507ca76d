import { acceptAll, leave } from '@/panels/fit/fitting';
import { useStore } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { openPanel, usePanels } from '@/ui/panels';
import { TopLine } from './TopLine';

/** That what is shown is only tried out, with the ways out of it, wherever one goes. */
export function TrialLine() {
  const name = useStore(({ trial }) => trial?.name);
  const isOpen = usePanels(({ shown }) => shown?.kind === 'fit');
  if (name === undefined) return null;
  return (
    <TopLine kind="On trial" title={name} line="Nothing of it counts yet.">
      {!isOpen && <Button label="Show" says="Show the plan" onPress={() => openPanel({ kind: 'fit' })} />}
      {!isOpen && <Button label="Accept all" kind="primary" onPress={acceptAll} />}
      <Button label="Leave it" kind="quiet" onPress={leave} />
    </TopLine>
  );
}
