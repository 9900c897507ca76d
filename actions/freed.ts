import { freedBy, whatFits } from '@/core/plan/freed';
import type { Workspace } from '@/core/model/workspace';
import { lengthOf, type Span } from '@/core/time/span';
import { durationWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';

/** The pockets that have become free since a workspace was as it was. */
export function freedSince(before: Workspace): Span[] {
  const { zone, now } = here();
  const after = currentWorkspace();
  return after === before ? [] : freedBy(before, after, zone, now);
}

/** Does something, and gives the pockets that have become free by it. */
export function freeing(act: () => void): Span[] {
  const before = currentWorkspace();
  act();
  return freedSince(before);
}

/** Offers what fits into time that has become free, where something does. */
export function offerFreed(freed: readonly Span[]): void {
  const { zone, now } = here();
  const useful = freed.filter((pocket) => whatFits(currentWorkspace(), pocket, zone, now).length > 0);
  if (useful.length === 0) return;
  const minutes = useful.reduce((sum, pocket) => sum + lengthOf(pocket), 0);
  store.offer({
    label: `Fill ${durationWords(minutes)}…`,
    press: () => openPanel({ kind: 'freed', freed: useful }),
  });
}
