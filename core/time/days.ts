import type { Span } from './span';
import { addDays, dateOf, instantOf, type IsoDate, type Zone } from './zone';

/** A day, and the part of it that lies in the range that was asked for. */
export type DayIn = { readonly date: IsoDate; readonly span: Span };

/** The days that a stretch of time touches, in order, the first and the last cut where it begins and ends. */
export function daysIn({ from, to }: Span, zone: Zone): DayIn[] {
  const days: DayIn[] = [];
  let [date, begins] = [dateOf(from, zone), from];
  while (begins < to) {
    const next = addDays(date, 1);
    const ends = Math.min(to, instantOf(next, zone));
    days.push({ date, span: { from: begins, to: ends } });
    [date, begins] = [next, ends];
  }
  return days;
}

/** Which of some days is the first to end after an instant; their number where all have ended by then. */
export function firstTouched(days: readonly DayIn[], from: number): number {
  let [low, high] = [0, days.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((days[middle]?.span.to ?? Infinity) <= from) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Which of some days, in order, a span touches, by their places. */
export function* touchedBy(days: readonly DayIn[], { from, to }: Span): Generator<number> {
  for (let i = firstTouched(days, from); i < days.length; i += 1) {
    if ((days[i]?.span.from ?? Infinity) >= to) return;
    yield i;
  }
}
