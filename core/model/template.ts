import * as z from '../zod';
import { bounds, listUpTo, minutesUpTo, textUpTo, Title } from './bounds';
import { Changed, Id, openObject, TimeText } from './common';
import { ChecklistItem } from './day';
import { Attendee, Call } from './event';
import { Leads } from './reminder';

/** Minutes of work expected, or null without an estimate. */
const Estimate = z.nullable(minutesUpTo(bounds.estimateMinutes));

const kindOfWork = { category: z.optional(Id), listId: z.optional(Id) };

/** What meetings of a kind have beside a title and a length; `leads` are the reminders, if they have their own. */
export const MeetingKind = openObject({
  location: textUpTo(bounds.place),
  calls: listUpTo(Call, bounds.few),
  attendees: listUpTo(Attendee, bounds.attendees),
  leads: z.optional(Leads),
});
export type MeetingKind = z.infer<typeof MeetingKind>;

/** A block of a day that lays itself out: the hour that it is meant for (wall time, the person's zone). */
export const LaidBlock = openObject({
  title: Title,
  at: TimeText,
  minutes: minutesUpTo(bounds.blockMinutes),
  ...kindOfWork,
});
export type LaidBlock = z.infer<typeof LaidBlock>;

/** What a whole day is made of. */
export const DayLayout = openObject({
  blocks: listUpTo(LaidBlock, bounds.few),
  tray: listUpTo(openObject({ title: Title, estimate: Estimate, ...kindOfWork }), bounds.few),
  intentions: listUpTo(Title, bounds.few),
  /** Lines for the checklist of that day alone. */
  checklist: listUpTo(openObject({ text: Title, at: ChecklistItem.shape.at }), bounds.few),
});
export type DayLayout = z.infer<typeof DayLayout>;

/** What comes up again and again, placed by typing its name: a block, or else a meeting or a whole day. */
export const Template = openObject({
  id: Id,
  name: Title,
  /** How long it takes. */
  minutes: minutesUpTo(bounds.blockMinutes),
  ...kindOfWork,
  /** Between which hours of a day it is best placed (wall time, the person's zone); null for any. */
  hours: z.nullable(openObject({ from: TimeText, to: TimeText })),
  /** The zone of the frame that it is placed in before others, by its name. */
  inZone: z.optional(Title),
  notes: z.optional(textUpTo(bounds.notes)),
  /** The steps of its task. */
  steps: z.optional(listUpTo(openObject({ title: Title, estimate: Estimate }), bounds.steps)),
  meeting: z.optional(MeetingKind),
  day: z.optional(DayLayout),
  /** Its place among the others, smallest first. */
  rank: z.number(),
  ...Changed,
});
export type Template = z.infer<typeof Template>;

type KindOfWork = { readonly category?: string | undefined; readonly listId?: string | undefined };

/** All that a template says of lists and categories: its own, and those of the blocks and the tray of its day. */
export const kindsOf = (template: Template): readonly KindOfWork[] => [
  template,
  ...(template.day?.blocks ?? []),
  ...(template.day?.tray ?? []),
];

/** A template with each of these changed. */
export function eachKind(template: Template, change: <K extends KindOfWork>(kind: K) => K): Template {
  const { day, ...rest } = change(template);
  if (!day) return rest;
  return { ...rest, day: { ...day, blocks: day.blocks.map(change), tray: day.tray.map(change) } };
}
