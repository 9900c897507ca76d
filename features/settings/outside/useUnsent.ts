import { useMemo } from 'react';
import type { Shelf } from '@/core/outside/account';
import { unsent } from '@/core/outside/items';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

/** How much of what was changed here waits to be sent to a calendar of an account. */
export function useUnsent({ calendarId, blocks }: Shelf): number {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  return useMemo(
    () => unsent(workspace, calendarId, { blocks, zone, now }).length,
    [workspace, calendarId, blocks, zone, now],
  );
}
