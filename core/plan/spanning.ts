import type { Occurrence } from '../calendar/occurrences';
import { DAY, type Span } from '../time/span';
import { dateOf, daysBetween, type Zone } from '../time/zone';

/** Whether an event is drawn across whole days instead of among the hours. */
export const takesDays = ({ allDay, from, to }: Occurrence): boolean => allDay || to - from >= DAY;

/** How many more days than its first an event takes, to the one in which it ends. */
export const furtherDays = ({ from, to }: Span, zone: Zone): number =>
  daysBetween(dateOf(from, zone), dateOf(to - 1, zone));

/** A stretch of days that an event takes: from the `first` to the `last` of the days shown, in the `lane`th row. */
export type Segment = {
  readonly event: Occurrence;
  readonly first: number;
  readonly last: number;
  readonly lane: number;
  /** It begins before the days shown, or ends after them. */
  readonly before: boolean;
  readonly after: boolean;
};

/**
 * Events of whole days and longer, each once across the days that are shown, in as few rows as hold them side by side.
 * `days` are the stretches of the days, in order.
 */
export function segmentsOf(events: readonly Occurrence[], days: readonly Span[]): Segment[] {
  const once = [...new Map(events.map((event) => [event.id, event])).values()];
  const lanes: number[] = [];
  return once
    .map((event) => {
      const touched = days.flatMap((day, i) => (event.from < day.to && event.to > day.from ? [i] : []));
      return { event, first: touched[0] ?? -1, last: touched.at(-1) ?? -1 };
    })
    .filter(({ first }) => first >= 0)
    .sort((a, b) => a.first - b.first || b.last - a.last || a.event.title.localeCompare(b.event.title))
    .map(({ event, first, last }) => {
      const free = lanes.findIndex((until) => until < first);
      const lane = free === -1 ? lanes.length : free;
      lanes[lane] = last;
      const before = event.from < (days[first]?.from ?? 0);
      const after = event.to > (days[last]?.to ?? Infinity);
      return { event, first, last, lane, before, after };
    });
}
