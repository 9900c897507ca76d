import { openBend } from '@/actions/bend';
import { minutesLate } from '@/core/plan/bend/late';
import { reflow } from '@/core/plan/bend/reflow';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { SaidLine } from './SaidLine';

const NONE: ReadonlySet<string> = new Set();

/** Says by how much the day runs late where that touches what follows, and offers to move the rest of it along. */
export function BehindLine() {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const late = minutesLate(workspace, zone, now);
  if (late === 0) return null;
  const { moved, over } = reflow(workspace, { date: today, zone, now, bend: { kind: 'late' }, held: NONE });
  if (moved.length + over.length === 0) return null;
  return (
    <SaidLine words={`${durationWords(late)} late`}>
      <Button label="Move the rest…" icon="bend" kind="quiet" onPress={() => openBend()} />
    </SaidLine>
  );
}
