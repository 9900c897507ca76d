import { useLocalSearchParams, useRouter } from 'expo-router';
import { againsts, type Against } from '@/core/review/asked';
import { groupings, type Grouping, type Hours } from '@/core/review/grouping';
import { stretchAround, stretchBeside, units, type Stretch, type Unit } from '@/core/time/stretch';
import { isDate } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useAsked } from '@/ui/useDay';

const hoursAsked = ['all', 'in', 'out'] as const satisfies readonly Hours[];

/** What belongs to none of the groups, as the address names it. */
const NONE = 'none';

const oneOf = <T extends string>(all: readonly T[], asked: unknown, usual: T): T =>
  all.find((one) => one === asked) ?? usual;

/** What the address asks Review for (`?span=week&day=…&by=list`), and how to ask for something else. */
export function useReview() {
  const { today } = useMoment();
  const { weekStart } = useWorkspace().settings;
  const router = useRouter();
  const asked = useAsked();
  const params = useLocalSearchParams();
  const stretchOf = ({ span, day, until }: Readonly<Record<string, unknown>>): Stretch => {
    const unit = oneOf(units, span, 'day');
    const first = typeof day === 'string' && isDate(day) ? day : today;
    if (unit !== 'dates' || typeof until !== 'string' || !isDate(until))
      return stretchAround(unit, first, weekStart);
    return first <= until ? { unit, first, last: until } : { unit, first: until, last: first };
  };
  const stretch = stretchOf(params);
  const show = ({ unit, first, last }: Stretch) =>
    router.setParams({ span: unit, day: first, until: unit === 'dates' ? last : undefined, open: undefined });
  const usualBy: Grouping = 'category';
  return {
    stretch,
    by: oneOf(groupings, params.by, usualBy),
    hours: oneOf(hoursAsked, params.hours, 'all'),
    against: oneOf(againsts, params.with, 'last'),
    withoutPrivate: params.private === 'out',
    /** The key of the line that is opened; undefined where none is. */
    opened: params.open === NONE ? null : typeof params.open === 'string' ? params.open : undefined,
    show,
    /** The unit around the day that is looked at: today, where it lies in what is shown. */
    onUnit: (unit: Unit) => {
      const { first, last } = stretchOf(asked());
      const around = first <= today && today <= last ? today : first;
      show(unit === 'dates' ? { unit, first, last } : stretchAround(unit, around, weekStart));
    },
    onStep: (by: -1 | 1) => show(stretchBeside(stretchOf(asked()), by, weekStart)),
    onDate: (date: string) => show(stretchAround(stretch.unit, date, weekStart)),
    onBy: (by: Grouping) => router.setParams({ by, open: undefined }),
    /** Opens the line of a key, or closes them all. */
    onOpen: (by: Grouping, key: string | null | undefined) =>
      router.setParams({ by, open: key === null ? NONE : key }),
    onPrivate: (isOut: boolean) => router.setParams({ private: isOut ? 'out' : undefined }),
    onHours: (hours: Hours) => router.setParams({ hours }),
    onAgainst: (against: Against) => router.setParams({ with: against }),
  };
}

export type Review = ReturnType<typeof useReview>;
