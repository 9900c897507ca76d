import type { Due } from '../model/task';
import { dateWords, dayWords, timeWords, type ClockStyle } from '../time/words';

/** A due date as it is said: `due today 14:00`, `due Thu 26 Nov`. */
export const dueWords = ({ date, time }: Due, today: string, clock: ClockStyle): string =>
  `due ${dayWords(date, today)}${time ? ` ${timeWords(time, clock)}` : ''}`;

/** A due date as it stands in a field, readable by readMoment: `Thu 26 Nov, 14:00`. */
export const dueText = (due: Due | null, clock: ClockStyle): string =>
  due ? `${dateWords(due.date)}${due.time ? `, ${timeWords(due.time, clock)}` : ''}` : '';
