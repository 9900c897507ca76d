import * as z from '../zod';
import { bounds, listUpTo, minutesUpTo, textUpTo, Title } from './bounds';
import { Changed, Id, openObject, TimeText, WallText } from './common';
import { WallStart } from './event';
import { Leads } from './reminder';
import { Priority } from './task';

/**
 * A task that comes again, and what each of its times is like before anything happens to it. A time that is changed,
 * ticked off or worked on becomes a task with a place of its own, and stands in `without`.
 */
export const RepeatingTask = openObject({
  id: Id,
  title: Title,
  notes: textUpTo(bounds.notes),
  listId: Id,
  estimate: z.nullable(minutesUpTo(bounds.estimateMinutes)),
  priority: Priority,
  category: z.optional(Id),
  leads: z.optional(Leads),
  dueLeads: z.optional(Leads),
  rank: z.number(),
  /** The first block's wall time in its zone; a date alone for the tray of the day. */
  start: WallStart,
  /** Length of the block; in the tray it has no meaning. */
  minutes: minutesUpTo(bounds.blockMinutes),
  /** Its blocks can hold small tasks. */
  group: z.optional(z.boolean()),
  /** RRULE as text. */
  rule: z.string().check(z.maxLength(bounds.rule)),
  without: listUpTo(WallText, bounds.times),
  /** When it is due, in days after its own day. */
  due: z.nullable(
    openObject({
      days: z.int().check(z.gte(-bounds.eventDays), z.lte(bounds.eventDays)),
      time: z.nullable(TimeText),
    }),
  ),
  ...Changed,
});
export type RepeatingTask = z.infer<typeof RepeatingTask>;
