import { later } from '@/ui/later';
import { currentWorkspace } from '@/state/workspaceStore';

const freedSince = later(() => import('./freedSince'));

/** Does something, gives whether it was done, and offers what fits into the time that has become free by it. */
export function offeringFreed(act: () => boolean): boolean {
  const before = currentWorkspace();
  const done = act();
  if (done) void freedSince.load().then(({ offerFreedSince }) => offerFreedSince(before));
  return done;
}
