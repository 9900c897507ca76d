import * as z from '../zod';
import { bounds, listUpTo, minutesUpTo, Title } from './bounds';
import { Changed, DateText, Id, Instant, openObject } from './common';

/** What a goal is for. */
export const goalSpans = ['week', 'month', 'quarter'] as const;
export type GoalSpan = (typeof goalSpans)[number];

/** One week, month or quarter of a goal, by any of its days, and the minutes meant for it there; null for none said. */
const GoalTime = openObject({ date: DateText, minutes: z.nullable(minutesUpTo(bounds.estimateMinutes)) });

/** What one means to get done in a week, a month or a quarter; it can go on into several of them. */
export const Goal = openObject({
  id: Id,
  title: Title,
  category: z.optional(Id),
  span: z.enum(goalSpans),
  times: listUpTo(GoalTime, bounds.few),
  /** The goal of a longer span that its hours count for, too. */
  feeds: z.optional(Id),
  /** What is done for it: tasks, events with all their times, and whatever lies in a list. */
  tasks: listUpTo(Id, bounds.steps),
  events: listUpTo(Id, bounds.few),
  lists: listUpTo(Id, bounds.few),
  doneAt: z.nullable(Instant),
  /** Its place among the others, smallest first. */
  rank: z.number(),
  ...Changed,
});
export type Goal = z.infer<typeof Goal>;

/** The three kinds of things that are tied to goals. */
export const tieKinds = ['tasks', 'events', 'lists'] as const;
export type TieKind = (typeof tieKinds)[number];
