import * as z from '../zod';
import { bounds, listUpTo, textUpTo, Title } from './bounds';
import { Changed, DateText, Id, Instant, openObject, TimeText, Weekdays, ZoneName } from './common';
import { weeklySteps } from './weekPage';

/** What a person says of one day: kept once there is something to say. */
export const Day = openObject({
  /** The date. */
  id: DateText,
  /** The note of the day, Markdown. */
  note: textUpTo(bounds.notes),
  /** What was counted, by what it is of; whole minutes for a length, 1 for yes and 0 for no. */
  numbers: listUpTo(openObject({ of: Id, value: z.number().check(z.gte(-1e9), z.lte(1e9)) }), bounds.few),
  /** Lines of the checklist for this day alone. */
  checklist: z.optional(
    listUpTo(openObject({ id: Id, text: Title, at: z.enum(['opening', 'close']) }), bounds.few),
  ),
  /** Items of checklists that are ticked. */
  ticked: listUpTo(Id, bounds.few),
  /** Stretches that stay without a record on purpose (epoch ms). */
  leftOpen: listUpTo(openObject({ from: Instant, to: Instant }), bounds.few),
  /** Boxes of the note that have become tasks, by what they say. */
  ties: listUpTo(openObject({ text: Title, taskId: Id }), bounds.few),
  /** The task that decides whether the day was good. */
  keystone: z.optional(Id),
  /** Meetings that were over before they were to end, told as occurrences, and when (epoch ms). */
  over: z.optional(listUpTo(openObject({ meeting: Id, at: Instant }), bounds.few)),
  /** When the opening was gone through to its end, and when the day was closed. */
  openedAt: z.optional(Instant),
  closedAt: z.optional(Instant),
  /** How many things its plan and its record had then, where it was closed: one that is taken away later leaves no other trace. */
  closedWith: z.optional(openObject({ things: z.int().check(z.gte(0)), zone: ZoneName })),
  ...Changed,
});
export type Day = z.infer<typeof Day>;

/** A day of which nothing is said. */
export const plainDay = (date: string): Day => ({
  id: date,
  note: '',
  numbers: [],
  ticked: [],
  leftOpen: [],
  ties: [],
});

/** A number of one's own that is counted every day. */
export const Counted = openObject({
  id: Id,
  name: Title,
  kind: z.enum(['number', 'minutes', 'yesNo']),
  /** What a number is of: `samples`; '' for nothing. */
  unit: textUpTo(40),
  /** What one means to reach; minutes for a length, 1 for yes. */
  target: z.nullable(z.number()),
});
export type Counted = z.infer<typeof Counted>;

/** A line of a checklist of one's own, for some weekdays; none means every day. */
export const ChecklistItem = openObject({
  id: Id,
  text: Title,
  at: z.enum(['opening', 'close']),
  days: Weekdays,
});
export type ChecklistItem = z.infer<typeof ChecklistItem>;

/** A routine of one's own beside opening and close: lines to tick on some weekdays (none means every day), told of at an hour (wall time) if it has one. */
export const OwnRoutine = openObject({
  id: Id,
  name: Title,
  days: Weekdays,
  time: z.nullable(TimeText),
  lines: listUpTo(openObject({ id: Id, text: Title }), bounds.few),
});
export type OwnRoutine = z.infer<typeof OwnRoutine>;

/** The steps that an opening, and a close, can be made of; the order here is the usual one. */
export const openingSteps = [
  'checklist',
  'note',
  'numbers',
  'left',
  'overdue',
  'due',
  'coming',
  'week',
  'inbox',
  'choose',
] as const;
export type OpeningStep = (typeof openingSteps)[number];

export const closeSteps = ['left', 'record', 'numbers', 'note', 'scratch', 'checklist'] as const;
export type CloseStep = (typeof closeSteps)[number];

const usualWeekTemplate = `## What moved the work on

## What got in the way

## What I change
`;

/** How one opens and closes the day and looks back on the week, and what is counted. */
export const Routines = openObject({
  opening: z.array(z.enum(openingSteps)),
  close: z.array(z.enum(closeSteps)),
  checklist: listUpTo(ChecklistItem, bounds.few),
  own: z._default(listUpTo(OwnRoutine, bounds.few), []),
  counted: listUpTo(Counted, bounds.few),
  weekly: z._default(z.array(z.enum(weeklySteps)), [...weeklySteps]),
  /** What a page about a week begins with, Markdown. */
  weekTemplate: z._default(textUpTo(bounds.notes), usualWeekTemplate),
});
export type Routines = z.infer<typeof Routines>;

/** What nobody has chosen otherwise: a short opening, and all steps of the close. */
export const usualRoutines: Routines = {
  opening: ['left', 'overdue', 'due', 'coming', 'inbox', 'choose'],
  close: [...closeSteps],
  checklist: [],
  own: [],
  counted: [],
  weekly: [...weeklySteps],
  weekTemplate: usualWeekTemplate,
};
