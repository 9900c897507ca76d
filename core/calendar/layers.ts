import type { Workspace } from '../model/workspace';
import type { IsoDate, Zone } from '../time/zone';
import { occurrencesOn, type Occurrence } from './occurrences';

/**
 * The occurrences of a day in the calendars that are shown. Events of a calendar that one only plans around leave one
 * free.
 */
export const occurrencesShown = ({ events, calendars }: Workspace, date: IsoDate, zone: Zone): Occurrence[] =>
  occurrencesOn(events, date, zone).flatMap((one) => {
    const calendar = calendars.get(one.calendarId);
    if (calendar?.hidden) return [];
    return calendar?.around ? [{ ...one, busy: false }] : [one];
  });
