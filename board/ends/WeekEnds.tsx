import { useEffect } from 'react';
import { byWords } from '@/core/forecast/dayEndWords';
import { weekOf } from '@/core/time/week';
import { datesFrom, type IsoDate } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useDayEnds, type EndShown } from './dayEnds';
import { useDayEndsOf } from './useDayEndsOf';

/** Has the heads of a week's days show when each is likely done. Draws nothing itself. */
export function WeekEnds({ date }: { date: IsoDate }) {
  const { zone } = useMoment();
  const { settings } = useWorkspace();
  const ends = useDayEndsOf(datesFrom(weekOf(date, settings.weekStart), 7));
  useEffect(() => {
    const shown = (ends ?? []).map((end): [IsoDate, EndShown] => [
      end.date,
      { words: `done ${byWords(end, { workspace: { settings }, zone })}`, ...end.moreWork },
    ]);
    useDayEnds.setState(new Map(shown), true);
  }, [ends, settings, zone]);
  useEffect(() => () => useDayEnds.setState(new Map(), true), []);
  return null;
}
