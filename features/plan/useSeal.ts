import { sealOn } from '@/core/model/seal';
import { lateMeetings } from '@/core/plan/late';
import { sinceWords } from '@/core/plan/sealWords';
import { sinceSeal } from '@/core/plan/sinceSeal';
import { hasEnded, weekOf } from '@/core/time/week';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useFirstDrawn } from '@/ui/firstDrawn';
import { openPanel } from '@/ui/panels';
import type { Colour } from '@/ui/tokens';

type SealOf = { readonly label: string; readonly colour: Colour; readonly open: () => void };

/** The seal of the week that is shown, in a component: what has come since, or the way to seal it; null for a week that ended without. */
export function useSeal(date: string): SealOf | null {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const drawn = useFirstDrawn();
  const seal = sealOn(workspace, date);
  const week = seal?.id ?? weekOf(date, workspace.settings.weekStart);
  if (!seal && hasEnded(week, today)) return null;
  const late = seal && drawn ? lateMeetings(workspace, seal, zone).length : 0;
  const counted = seal && drawn ? `Sealed: ${sinceWords(sinceSeal(workspace, seal, zone))}` : 'Sealed';
  const since = seal ? counted : 'Seal the week…';
  return {
    label: late > 0 ? `${since}, ${late} to answer` : since,
    colour: late > 0 ? 'amber' : seal ? 'pine' : 'ink-soft',
    open: () => openPanel({ kind: 'seal', week }),
  };
}
