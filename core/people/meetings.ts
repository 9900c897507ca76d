import { isAsked, plainAddress } from '../calendar/attendees';
import { detailsOfOccurrence, occurrencesOf, type Occurrence } from '../calendar/occurrences';
import type { Workspace } from '../model/workspace';
import { addDays, dateOf, dayOf, type Zone } from '../time/zone';

/** How far one looks each way, in days. */
const DAYS = 28;

/** The meetings with somebody, who goes by these addresses: of four weeks to come, the next first, and past, the last first. */
export function meetingsWith(
  workspace: Workspace,
  addresses: readonly string[],
  zone: Zone,
  now: number,
): { coming: Occurrence[]; past: Occurrence[] } {
  const { events, calendars } = workspace;
  const theirs = new Set(addresses.map(plainAddress));
  const today = dateOf(now, zone);
  const range = { from: dayOf(addDays(today, -DAYS), zone).from, to: dayOf(addDays(today, DAYS), zone).to };
  const isWith = ({ id }: Occurrence) =>
    detailsOfOccurrence(events, id)?.attendees.some(
      (one) => isAsked(one) && theirs.has(plainAddress(one.address)),
    );
  const all = events
    .values()
    .filter(
      ({ calendarId, attendees, exceptions }) =>
        !calendars.get(calendarId)?.hidden && (attendees.length > 0 || exceptions.length > 0),
    )
    .flatMap((event) => occurrencesOf(event, range, zone))
    .filter(isWith)
    .sort((a, b) => a.from - b.from);
  return {
    coming: all.filter(({ to }) => to > now),
    past: all.filter(({ to }) => to <= now).reverse(),
  };
}
