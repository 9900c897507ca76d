import { useMemo } from 'react';
import type { Frame } from '@/core/model/frame';
import type { Workspace } from '@/core/model/workspace';
import { useWorkspace } from '@/state/shown';

/** The workspace as if a frame held in a week: to see what it would leave of it. */
export function useHeldHere(frame: Frame | undefined, week: string): Workspace {
  const workspace = useWorkspace();
  return useMemo(() => {
    if (!frame) return workspace;
    const hold = { id: 'shown', frameId: frame.id, from: week, until: null, how: 'once', every: 4 } as const;
    return { ...workspace, frameHolds: workspace.frameHolds.with([{ ...hold, changedAt: Infinity }]) };
  }, [workspace, frame, week]);
}
