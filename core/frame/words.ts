import { clockOf } from '../time/wall';
import { durationWords, timeWords, shortWeekday, type ClockStyle } from '../time/words';

/** Weekdays in words, in the order in which a week that begins on `weekStart` has them: `Mon – Wed, Fri`, `every day`. */
export function daysWords(days: readonly number[], weekStart: number): string {
  const place = (weekday: number) => (weekday - weekStart + 7) % 7;
  const inOrder = [...new Set(days)].sort((a, b) => place(a) - place(b));
  if (inOrder.length === 7) return 'every day';
  const runs: number[][] = [];
  for (const day of inOrder) {
    const last = runs.at(-1);
    const before = last?.at(-1);
    if (last && before !== undefined && place(day) === place(before) + 1) last.push(day);
    else runs.push([day]);
  }
  return runs
    .map((run) => {
      const [first = 1, last = 1] = [run[0], run.at(-1)];
      if (run.length === 1) return shortWeekday(first);
      return run.length === 2
        ? `${shortWeekday(first)}, ${shortWeekday(last)}`
        : `${shortWeekday(first)} – ${shortWeekday(last)}`;
    })
    .join(', ');
}

type Hours = { readonly from: number; readonly minutes: number };

/** Hours of a day in words: `18:30 – 20:00`. */
const hoursWords = ({ from, minutes }: Hours, clock: ClockStyle): string =>
  `${timeWords(clockOf(from), clock)} – ${timeWords(clockOf(from + minutes), clock)}`;

/** Hours on several days in words: `Tue – Thu, 18:30 – 20:00, 1 h 30 each`. */
export const timesWords = (
  { days, ...hours }: Hours & { readonly days: readonly number[] },
  weekStart: number,
  clock: ClockStyle,
): string =>
  `${daysWords(days, weekStart)}, ${hoursWords(hours, clock)}, ${durationWords(hours.minutes)}${days.length > 1 ? ' each' : ''}`;
