import { useMemo } from 'react';
import { shortfallOn, shortfallWords } from '@/core/plan/shortfall';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

/** That a day (none when empty) has too little time left before one of its deadlines, in words; null when there is enough. */
export function useShortfall(date: string): string | null {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  return useMemo(() => {
    if (date === '') return null;
    const short = shortfallOn(workspace, date, zone, now);
    return short ? shortfallWords(short, zone, workspace.settings.clock) : null;
  }, [workspace, date, zone, now]);
}
