import { culpritOf, type Culprit } from '@/core/check/culprit';
import { everyView } from '@/core/check/everyView';
import type { Workspace } from '@/core/model/workspace';
import { here } from '@/state/here';
import { currentWorkspace } from '@/state/workspaceStore';

function fails(workspace: Workspace): boolean {
  const { zone, now } = here();
  try {
    everyView(workspace, zone, now);
    return false;
  } catch {
    return true;
  }
}

/** The one record without which everything can be drawn, if there is one. */
export const findCulprit = (): Culprit | undefined => culpritOf(currentWorkspace(), fails);
