import type { Workspace } from '@/core/model/workspace';
import { freedSince, offerFreed } from './freed';

/*
 * A file of its own, as it is loaded when something has become free: what is asked for later must lie in no script that others
 * share (ui/sharedParts.ts).
 */

/** Offers what fits into the time that has become free since a workspace was as it was. */
export const offerFreedSince = (before: Workspace): void => offerFreed(freedSince(before));
