import { z } from 'zod';
import { Changed, DateText, Id, Instant, Minutes, openObject } from './common';

/** A task's planned stretch of time. */
export const Block = openObject({
  id: Id,
  taskId: Id,
  start: Instant,
  minutes: Minutes,
  /** The small tasks that it holds, in order; a block that can hold some is a group block. */
  holds: z.array(Id).optional(),
  ...Changed,
});
export type Block = z.infer<typeof Block>;

/** A task that has a day but no hour. */
export const TrayItem = openObject({ id: Id, taskId: Id, date: DateText, ...Changed });
export type TrayItem = z.infer<typeof TrayItem>;

/** What a day or a week is meant for, in a line, without an hour. */
export const Intention = openObject({
  id: Id,
  text: z.string().min(1),
  span: z.enum(['day', 'week']),
  /** The day, or any day of the week. */
  date: DateText,
  doneAt: Instant.nullable(),
  /** Its place among those of the same day or week, smallest first. */
  rank: z.number(),
  ...Changed,
});
export type Intention = z.infer<typeof Intention>;

/** What time is spent on: a task, one occurrence of an event, or something that nobody planned. */
export const Subject = z.discriminatedUnion('kind', [
  openObject({ kind: z.literal('task'), taskId: Id }),
  openObject({ kind: z.literal('event'), occurrence: Id, title: z.string() }),
  openObject({ kind: z.literal('other'), title: z.string().min(1) }),
]);
export type Subject = z.infer<typeof Subject>;

/** Time really spent. `to` is null while the timer runs; at most one entry runs. */
export const TimeEntry = openObject({
  id: Id,
  subject: Subject,
  from: Instant,
  to: Instant.nullable(),
  ...Changed,
});
export type TimeEntry = z.infer<typeof TimeEntry>;
