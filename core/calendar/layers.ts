import { takesTime } from '../model/event';
import type { Workspace } from '../model/workspace';
import type { IsoDate, Zone } from '../time/zone';
import { occurrencesOn, type Occurrence } from './occurrences';

/** The occurrences of a day in the calendars that are shown. Events of a calendar that takes no time leave one free. */
export const occurrencesShown = ({ events, calendars }: Workspace, date: IsoDate, zone: Zone): Occurrence[] =>
  occurrencesOn(events, date, zone).flatMap((one) => {
    const calendar = calendars.get(one.calendarId);
    if (calendar?.hidden) return [];
    return calendar && !takesTime(calendar) ? [{ ...one, busy: false }] : [one];
  });
