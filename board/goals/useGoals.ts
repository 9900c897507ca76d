import { useMemo } from 'react';
import { goalStandings } from '@/core/goals/standing';
import type { GoalSpan } from '@/core/model/goal';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

/** How the goals of the week, month or quarter of a date stand. */
export function useGoals(span: GoalSpan, date: string) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  return useMemo(() => goalStandings(workspace, span, date, zone, now), [workspace, span, date, zone, now]);
}
