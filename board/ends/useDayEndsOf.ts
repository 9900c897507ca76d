import { useMemo } from 'react';
import type { DayEnd } from '@/core/forecast/dayEnd';
import type { IsoDate } from '@/core/time/zone';
import { useMoment } from '@/ui/clock';
import { useSince } from '@/ui/useSince';
import { useWorkedOut } from '@/ui/useWorkedOut';

/** It is worked out anew after so many ms, and with each change. */
const EVERY = 5 * 60_000;

/** When some days are done by what such work took; undefined until that is worked out. Days that are over, or ask for nothing, are left out. */
export function useDayEndsOf(dates: readonly IsoDate[]): readonly DayEnd[] | undefined {
  const { today } = useMoment();
  const since = useSince(EVERY);
  const ahead = dates.filter((date) => date >= today).join(' ');
  const asked = useMemo(() => ({ dates: ahead.split(' ').filter(Boolean), ...since }), [ahead, since]);
  const found = useWorkedOut('dayEnds', `${ahead} ${since.zone}`, asked);
  return 'answer' in found ? found.answer : undefined;
}
