import { freedBy, whatFits } from '@/core/plan/freed';
import { lengthOf, type Span } from '@/core/time/span';
import { durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { store, workspaceInSight } from '@/state/workspaceStore';
import { openSheet } from '../sheets';

/** Does something to events and gives the pockets that have become free by it. */
export function freeing(act: () => void): Span[] {
  const before = workspaceInSight();
  act();
  return freedBy(before, workspaceInSight(), session.zone, session.now());
}

/** Does something to events, and offers what fits into the time that has become free by it. */
export function offeringFreed(act: () => void): void {
  const freed = freeing(act);
  const now = session.now();
  const useful = freed.filter((pocket) => whatFits(workspaceInSight(), pocket, session.zone, now).length > 0);
  if (useful.length === 0) return;
  const minutes = useful.reduce((sum, pocket) => sum + lengthOf(pocket), 0);
  store.offer({
    label: `Fill ${durationWords(minutes)}…`,
    press: () => openSheet({ kind: 'freed', freed: useful }),
  });
}
