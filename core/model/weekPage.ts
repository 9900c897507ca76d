import * as z from '../zod';
import { bounds, minutesUpTo, textUpTo } from './bounds';
import { Changed, DateText, Instant, openObject } from './common';

/** What was written about a week. Its id is the first day of the week. */
export const WeekPage = openObject({
  id: DateText,
  /** Markdown. */
  text: textUpTo(bounds.notes),
  /** When its review was gone through to the end, and how many minutes that took. */
  endedAt: z.optional(Instant),
  minutes: z.optional(minutesUpTo(bounds.blockMinutes)),
  ...Changed,
});
export type WeekPage = z.infer<typeof WeekPage>;

/** The steps that a weekly review can be made of; the order here is the usual one. */
export const weeklySteps = ['back', 'left', 'parked', 'inbox', 'ahead', 'write', 'goals', 'seal'] as const;
export type WeeklyStep = (typeof weeklySteps)[number];
