import { sealOn } from '@/core/model/seal';
import { markWords } from '@/core/plan/sealWords';
import { driftOf, sinceSeal, type Drift } from '@/core/plan/sinceSeal';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useFirstDrawn } from '@/ui/firstDrawn';

/** What has become of something on a day since its week was sealed, and the words for it; undefined where nothing has. */
export function useDrift(
  what: Drift['what'],
  id: string,
  date: string,
): { readonly change: Drift['change']; readonly words: string } | undefined {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const seal = useFirstDrawn() ? sealOn(workspace, date) : undefined;
  const drift = seal && driftOf(sinceSeal(workspace, seal, zone), what, id);
  return drift && { change: drift.change, words: markWords(drift, zone, workspace.settings) };
}
