import type { Due } from '../model/task';
import type { Occurrence } from '../calendar/occurrences';
import { clockWords, dateWords, dayWords, timeWords, type Style } from '../time/words';
import { dateOf, type Zone } from '../time/zone';

/** A due date in words: `due today 14:00`, `due Thu 26 Nov`. */
export const dueWords = ({ date, time }: Due, today: string, clock: ClockStyle): string =>
  `due ${dayWords(date, today)}${time ? ` ${timeWords(time, clock)}` : ''}`;

/** A due date as it stands in a field, readable by readMoment: `Thu 26 Nov, 14:00`. */
export const dueText = (due: Due | null, style: Style): string =>
  due ? `${dateWords(due.date, style)}${due.time ? `, ${timeWords(due.time, style.clock)}` : ''}` : '';

/** A day with its hour, if it has one, as files and typed lines have it: `2026-11-27 17:00`. */
export const plainDue = ({ date, time }: Due): string => (time === null ? date : `${date} ${time}`);

/** A meeting and when it begins: `Weir hearing, tomorrow 10:30`. */
export function meetingWords(
  { title, from, allDay }: Occurrence,
  today: string,
  zone: Zone,
  style: Style,
): string {
  const hour = allDay ? '' : ` ${clockWords(from, zone, style.clock)}`;
  return `${title}, ${dayWords(dateOf(from, zone), today, style)}${hour}`;
}

/** The meeting that a task must be done before: `needed by Weir hearing, tomorrow 10:30`. */
export const neededWords = (meeting: Occurrence, today: string, zone: Zone, style: Style): string =>
  `needed by ${meetingWords(meeting, today, zone, style)}`;
