import { sealOn } from '@/core/model/seal';
import { lateMeetings } from '@/core/plan/late';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { SaidLine } from './SaidLine';

/** Says that meetings have come into a sealed week and wait for an answer. */
export function LateLine({ date }: { date: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const seal = sealOn(workspace, date);
  const late = seal ? lateMeetings(workspace, seal, zone) : [];
  const [first] = late;
  if (!seal || !first) return null;
  const what = late.length === 1 ? `${first.title} came` : `${late.length} meetings came`;
  return (
    <SaidLine words={`${what} after this week was sealed`}>
      <Button label="Answer…" kind="quiet" onPress={() => openPanel({ kind: 'seal', week: seal.id })} />
    </SaidLine>
  );
}
