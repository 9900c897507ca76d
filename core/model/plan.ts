import * as z from '../zod';
import { bounds, listUpTo, minutesUpTo, textUpTo, Title } from './bounds';
import { Changed, DateText, Id, Instant, openObject } from './common';

/** A task's planned stretch of time. */
export const Block = openObject({
  id: Id,
  taskId: Id,
  start: Instant,
  minutes: minutesUpTo(bounds.blockMinutes),
  /** The small tasks that it holds, in order; a block that can hold some is a group block. */
  holds: z.optional(listUpTo(Id, bounds.times)),
  /** It stays where it is when the rest of a day moves along. */
  pinned: z.optional(z.literal(true)),
  ...Changed,
});
export type Block = z.infer<typeof Block>;

/** A task that has a day but no hour. */
export const TrayItem = openObject({ id: Id, taskId: Id, date: DateText, ...Changed });
export type TrayItem = z.infer<typeof TrayItem>;

/** What a day or a week is meant for, in a line, without an hour. */
export const Intention = openObject({
  id: Id,
  text: Title,
  span: z.enum(['day', 'week']),
  /** The day, or any day of the week. */
  date: DateText,
  doneAt: z.nullable(Instant),
  /** Its place among those of the same day or week, smallest first. */
  rank: z.number(),
  ...Changed,
});
export type Intention = z.infer<typeof Intention>;

/** What time is spent on: a task, one occurrence of an event, or something that nobody planned. */
export const Subject = z.discriminatedUnion('kind', [
  openObject({ kind: z.literal('task'), taskId: Id }),
  openObject({ kind: z.literal('event'), occurrence: Id, title: textUpTo(bounds.title) }),
  openObject({ kind: z.literal('other'), title: Title }),
]);
export type Subject = z.infer<typeof Subject>;

/** When a time entry ends at the latest (epoch ms). */
export const longestTo = ({ from }: { readonly from: number }): number => from + bounds.blockMinutes * 60_000;

/** Time really spent. `to` is null while the timer runs; at most one entry runs. */
export const TimeEntry = openObject({
  id: Id,
  subject: Subject,
  from: Instant,
  to: z.nullable(Instant),
  /** It was put in afterwards, from the plan or from memory, and not timed. */
  mended: z.optional(z.literal(true)),
  /** From when to when its timer ran, where a piece of that went to something else afterwards. */
  ran: z.optional(openObject({ from: Instant, to: Instant })),
  ...Changed,
}).check(
  z.overwrite((entry) =>
    entry.to !== null && entry.to > longestTo(entry) ? { ...entry, to: longestTo(entry) } : entry,
  ),
);
export type TimeEntry = z.infer<typeof TimeEntry>;
