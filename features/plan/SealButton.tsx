import { sealOn } from '@/core/model/seal';
import { lateMeetings } from '@/core/plan/late';
import { sinceWords } from '@/core/plan/sealWords';
import { sinceSeal } from '@/core/plan/sinceSeal';
import { hasEnded, weekOf } from '@/core/time/week';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { useFirstDrawn } from '@/ui/firstDrawn';
import { openPanel } from '@/ui/panels';

/** The seal of the week that is shown: what has come since, or the way to seal it. */
export function SealButton({ date, inWords }: { date: string; inWords: boolean }) {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const drawn = useFirstDrawn();
  const seal = sealOn(workspace, date);
  const week = seal?.id ?? weekOf(date, workspace.settings.weekStart);
  if (!seal && hasEnded(week, today)) return null;
  const open = () => openPanel({ kind: 'seal', week });
  const late = seal && drawn ? lateMeetings(workspace, seal, zone).length : 0;
  const counted = seal && drawn ? `Sealed: ${sinceWords(sinceSeal(workspace, seal, zone))}` : 'Sealed';
  const since = seal ? counted : 'Seal the week…';
  const label = late > 0 ? `${since}, ${late} to answer` : since;
  return inWords ? (
    <Button label={label} icon="seal" kind="quiet" onPress={open} />
  ) : (
    <IconButton
      label={label}
      icon="seal"
      colour={late > 0 ? 'amber' : seal ? 'pine' : 'ink-soft'}
      onPress={open}
    />
  );
}
