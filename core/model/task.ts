import * as z from '../zod';
import { bounds, listUpTo, minutesUpTo, textUpTo, Title } from './bounds';
import { Changed, DateText, Hue, Id, Instant, openObject, TimeText, WallText } from './common';
import { Kept } from './event';
import { Leads } from './reminder';

export const Priority = z.enum(['urgent', 'high', 'normal', 'low']);
export type Priority = z.infer<typeof Priority>;

/** When a task is due: by the end of a day, or by an hour of it (wall time, the person's zone). */
export const Due = openObject({ date: DateText, time: z.nullable(TimeText) });
export type Due = z.infer<typeof Due>;

/** A task as a calendar file has it (VTODO, RFC 5545 3.6.2). */
export const ReadTask = openObject({
  title: Title,
  notes: textUpTo(bounds.notes),
  estimate: z.nullable(minutesUpTo(bounds.estimateMinutes)),
  priority: Priority,
  due: z.nullable(Due),
  done: z.boolean(),
  doneAt: z.nullable(Instant),
  /** Lines of the file that this program has no use for. */
  kept: Kept,
});
export type ReadTask = z.infer<typeof ReadTask>;

/** Where a task came from, a file or a calendar of an account, and what stood there when it was last read. */
export const Origin = openObject({
  kind: z.enum(['calendarFile', 'account']),
  calendarId: Id,
  uid: z.string(),
  lastRead: ReadTask,
});
export type Origin = z.infer<typeof Origin>;

/** A step of a task, in the task's own order. */
export const Step = openObject({
  id: Id,
  title: Title,
  doneAt: z.nullable(Instant),
  /** Minutes of work expected, or null without an estimate. */
  estimate: z.nullable(minutesUpTo(bounds.estimateMinutes)),
});
export type Step = z.infer<typeof Step>;

/** How long one works on a task in one go at least and at most, in minutes. */
export const Sitting = openObject({
  least: minutesUpTo(bounds.sittingMinutes),
  most: minutesUpTo(bounds.sittingMinutes),
});
export type Sitting = z.infer<typeof Sitting>;

export const Task = openObject({
  id: Id,
  title: Title,
  notes: textUpTo(bounds.notes),
  listId: Id,
  /** Minutes of work expected, or null without an estimate. */
  estimate: z.nullable(minutesUpTo(bounds.estimateMinutes)),
  /** What it was estimated at when it was begun, where that has been changed since. */
  firstEstimate: z.optional(minutesUpTo(bounds.estimateMinutes)),
  priority: Priority,
  due: z.nullable(Due),
  /** What kind of work it is, across lists: a category's id. */
  category: z.optional(Id),
  /** Reminders before its hours, and before it is due, if it has its own. */
  leads: z.optional(Leads),
  dueLeads: z.optional(Leads),
  /** What it asks for: sharp hours, or none in particular as it is light; without it any hour does. */
  energy: z.optional(z.enum(['sharp', 'light'])),
  doneAt: z.nullable(Instant),
  createdAt: Instant,
  /** Place in the person's own order, smallest first. */
  rank: z.number(),
  /** The meeting that it must be done before: one occurrence of an event, by the wall start that its rule gives it. */
  neededBy: z.optional(openObject({ eventId: Id, recurrence: WallText })),
  /** It is one time of a repeating task, which its rule puts at this wall start. */
  repeats: z.optional(openObject({ id: Id, recurrence: WallText })),
  origin: z.optional(Origin),
  /** It was captured without a list or a date, and waits in the inbox until something is said about it. */
  inbox: z.optional(z.literal(true)),
  /** It is kept out of every plan since then; from the day `until` on it comes up for another look, if that is told. */
  parked: z.optional(openObject({ at: Instant, until: z.nullable(DateText) })),
  /** It is out of sight until the day, or the hour of it (wall time, the person's zone). */
  notBefore: z.optional(Due),
  steps: z.optional(listUpTo(Step, bounds.steps)),
  /** So long after it was done it comes again, as a new task. */
  again: z.optional(
    openObject({
      every: z.int().check(z.gte(1), z.lte(999)),
      unit: z.enum(['day', 'week', 'month', 'year']),
    }),
  ),
  /** The task that it came again after. */
  follows: z.optional(Id),
  /** The larger task that it is a part of. */
  partOf: z.optional(Id),
  /** The tasks that have to be done before it is begun. */
  waitsFor: z.optional(listUpTo(Id, bounds.few)),
  /** How long one works on it in one go, in minutes, where it is not as with others. */
  sitting: z.optional(Sitting),
  ...Changed,
});
export type Task = z.infer<typeof Task>;

export const ListIcon = z.enum(['waves', 'pen', 'leaf', 'boat', 'map', 'people', 'permit', 'wrench']);
export type ListIcon = z.infer<typeof ListIcon>;

/** A project or an area that tasks belong to. */
export const TaskList = openObject({
  id: Id,
  name: Title,
  hue: Hue,
  icon: ListIcon,
  /** What kind of work its new tasks are unless they say so themselves. */
  category: z.optional(Id),
  /** Out of sight since then; its open tasks were parked at the same instant. */
  archivedAt: z.optional(Instant),
  rank: z.number(),
  ...Changed,
});
export type TaskList = z.infer<typeof TaskList>;
