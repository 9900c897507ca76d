import { useMemo } from 'react';
import { byWords } from '@/core/forecast/dayEndWords';
import { useDayEndsOf } from '@/board/ends/useDayEndsOf';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** By when today is done, by what such work really took. */
export function DayEnd() {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const dates = useMemo(() => [today], [today]);
  const [end] = useDayEndsOf(dates) ?? [];
  if (!end) return null;
  return <Words tone="soft">{`By your record done today ${byWords(end, { workspace, zone })}.`}</Words>;
}
