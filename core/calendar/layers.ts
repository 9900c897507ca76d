import { takesTime } from '../model/event';
import { isPutOff, sealOn, type Seal } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { addDays, dateOf, type IsoDate, type Zone } from '../time/zone';
import { occurrencesOn, type Occurrence } from './occurrences';

/**
 * The occurrences of a day in the calendars that are shown. Events of a calendar that takes no time leave one free, and so
 * does what was put off to a later week.
 */
export function occurrencesShown(workspace: Workspace, date: IsoDate, zone: Zone): Occurrence[] {
  const seal = sealOn(workspace, date);
  return occurrencesOn(workspace.events, date, zone).flatMap((occurrence) =>
    asShown(workspace, occurrence, seal),
  );
}

/** An occurrence as it is shown in a week with this seal; none where its calendar is hidden. */
export function asShown(
  { calendars }: Workspace,
  occurrence: Occurrence,
  seal: Seal | undefined,
): Occurrence[] {
  const calendar = calendars.get(occurrence.calendarId);
  if (calendar?.hidden) return [];
  const leavesFree = (calendar && !takesTime(calendar)) || isPutOff(seal, occurrence.id);
  return leavesFree ? [{ ...occurrence, busy: false }] : [occurrence];
}

/** The meetings of the coming days that begin after `now`, those of whole days left out, by start. */
export function comingMeetings(workspace: Workspace, days: number, zone: Zone, now: number): Occurrence[] {
  const today = dateOf(now, zone);
  const each = Array.from({ length: days }, (_, i) => occurrencesShown(workspace, addDays(today, i), zone));
  const ahead = each.flat().filter(({ from, allDay }) => !allDay && from > now);
  return [...new Map(ahead.map((occurrence) => [occurrence.id, occurrence])).values()];
}
