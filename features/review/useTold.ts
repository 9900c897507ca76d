import { useMemo } from 'react';
import type { ReviewAsked } from '@/core/review/asked';
import { toldOf } from '@/core/review/told/told';
import { daysOf } from '@/core/time/stretch';
import { useMoment } from '@/ui/clock';
import { useWorkedOut } from '@/ui/useWorkedOut';

/** What is asked of a stretch, but for when and where. */
type Asking = Pick<ReviewAsked, 'stretch' | 'by' | 'hours' | 'against' | 'withoutPrivate'>;

/** Stretches of up to so many days are worked out at once, longer ones beside the interface. */
const AT_ONCE = 35;

/** What a review asks for, and what is told; the share that is done where that is still worked out. */
export function useTold({ stretch, by, hours, against, withoutPrivate }: Asking) {
  const { zone, now } = useMoment();
  const { unit, first, last } = stretch;
  const asked = useMemo(
    (): ReviewAsked => ({
      stretch: { unit, first, last },
      by,
      hours,
      against,
      withoutPrivate,
      zone,
      now,
    }),
    [unit, first, last, by, hours, against, withoutPrivate, zone, now],
  );
  const question = [unit, first, last, by, hours, against, withoutPrivate, zone].join(' ');
  const isLong = daysOf(stretch) > AT_ONCE;
  return { asked, question, isLong, found: useWorkedOut('review', question, asked, isLong ? null : toldOf) };
}
