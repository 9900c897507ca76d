import { useMemo } from 'react';
import { shortfallOn, shortfallWords } from '@/core/plan/shortfall';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { useMinute } from './useNow';

/** That a day (none when empty) has too little time left before one of its deadlines, in words; null when there is enough. */
export function useShortfall(date: string): string | null {
  const workspace = useWorkspace();
  const now = useMinute();
  return useMemo(() => {
    if (date === '') return null;
    const short = shortfallOn(workspace, date, session.zone, now);
    return short ? shortfallWords(short, session.zone, workspace.settings.clock) : null;
  }, [workspace, date, now]);
}
