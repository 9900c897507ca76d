import type { Settings } from '../model/settings';
import type { Span } from '../time/span';
import { instantOf, weekdayOf, type IsoDate, type Zone } from '../time/zone';

/** The working hours of a date, or none on a day off. */
export function workingHours({ workingHours: week }: Settings, date: IsoDate, zone: Zone): Span[] {
  const hours = week[weekdayOf(date) - 1];
  if (!hours) return [];
  const span = { from: instantOf(`${date}T${hours.from}`, zone), to: instantOf(`${date}T${hours.to}`, zone) };
  return span.from < span.to ? [span] : [];
}
