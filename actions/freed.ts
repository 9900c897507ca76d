import { freedBy, whatFits } from '@/core/plan/freed';
import { lengthOf, type Span } from '@/core/time/span';
import { durationWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';

/** Does something to events and gives the pockets that have become free by it. */
export function freeing(act: () => void): Span[] {
  const before = currentWorkspace();
  act();
  const { zone, now } = here();
  return freedBy(before, currentWorkspace(), zone, now);
}

/** Does something to events, and offers what fits into the time that has become free by it. */
export function offeringFreed(act: () => void): void {
  const freed = freeing(act);
  const { zone, now } = here();
  const useful = freed.filter((pocket) => whatFits(currentWorkspace(), pocket, zone, now).length > 0);
  if (useful.length === 0) return;
  const minutes = useful.reduce((sum, pocket) => sum + lengthOf(pocket), 0);
  store.offer({
    label: `Fill ${durationWords(minutes)}…`,
    press: () => openPanel({ kind: 'freed', freed: useful }),
  });
}
