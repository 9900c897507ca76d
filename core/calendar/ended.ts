import type { Day } from '../model/day';
import type { Workspace } from '../model/workspace';
import { dateOf, type IsoDate, type Zone } from '../time/zone';
import type { Occurrence } from './occurrences';

type Over = NonNullable<Day['over']>;

/** When a meeting was over before it was to end (epoch ms), if it is among those of which that was said. */
function endIn(over: Over, { id, from, to }: Occurrence): number | undefined {
  const at = over.find(({ meeting }) => meeting === id)?.at;
  return at !== undefined && at > from && at < to ? at : undefined;
}

/** A meeting with the end that it really had, as was said on a day. */
export function asItEnded(meeting: Occurrence, over: Over): Occurrence {
  const at = endIn(over, meeting);
  return at === undefined ? meeting : { ...meeting, to: at, plannedTo: meeting.to };
}

/** When a meeting was over before it was to end (epoch ms), and the day on which that was said. */
export function endedEarly(
  { days }: Workspace,
  meeting: Occurrence,
  zone: Zone,
): { readonly at: number; readonly date: IsoDate } | undefined {
  return [meeting.from, meeting.to]
    .map((instant) => dateOf(instant, zone))
    .flatMap((date) => {
      const at = endIn(days.get(date)?.over ?? [], meeting);
      return at === undefined ? [] : [{ at, date }];
    })[0];
}
