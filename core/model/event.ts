import { z } from 'zod';
import { Hue, Id } from './common';

/** A calendar that events come from; `source` is what a file calls itself, so that the same file finds it again. */
export const Calendar = z.object({ id: Id, name: z.string().min(1), source: z.string(), hue: Hue });
export type Calendar = z.infer<typeof Calendar>;

/**
 * When something starts: an ISO wall time (`2026-11-24T09:00:00`, or a bare date for all-day events) and its zone.
 * A null zone is floating: the wall time of wherever the person is (RFC 5545 3.3.5).
 */
export const WallStart = z.object({ wall: z.string(), zone: z.string().nullable() });
export type WallStart = z.infer<typeof WallStart>;

const details = {
  title: z.string(),
  location: z.string(),
  start: WallStart,
  /** Length: whole days for all-day events, else seconds. RFC 5545 3.8.2.5 tells nominal days from exact time. */
  length: z.object({ days: z.number().int().min(0), seconds: z.number().int().min(0) }),
  busy: z.boolean(),
  cancelled: z.boolean(),
};

/** One occurrence of a repeating event that differs from the rest; `recurrence` is the wall start it would have had. */
export const Exception = z.object({ recurrence: z.string(), ...details });
export type Exception = z.infer<typeof Exception>;

/** One UID of a calendar: a single event or a whole repeating one (RFC 5545 3.6.1). */
export const CalendarEvent = z.object({
  id: Id,
  calendarId: Id,
  uid: z.string(),
  sequence: z.number().int(),
  ...details,
  /** RRULE as text, or null. */
  rule: z.string().nullable(),
  /** Wall starts taken out of, and added to, what the rule gives. */
  without: z.array(z.string()),
  also: z.array(z.string()),
  exceptions: z.array(Exception),
});
export type CalendarEvent = z.infer<typeof CalendarEvent>;
