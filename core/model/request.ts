import * as z from '../zod';
import { bounds, listUpTo, minutesUpTo, textUpTo } from './bounds';
import { Changed, Id, Instant, openObject } from './common';
import { CalendarEvent, Exception, WallStart } from './event';

/** Somebody by name and address; the name may be empty. */
export const Who = openObject({ name: textUpTo(bounds.title), address: textUpTo(320) });
export type Who = z.infer<typeof Who>;

/** What a message about an event is a version of: the later has the higher sequence, then the later stamp (RFC 5546 2.1.5). */
const revision = { sequence: z.int(), stamp: Instant };
export const Revision = openObject(revision);
export type Revision = z.infer<typeof Revision>;

/** An event as somebody asks for it, before it belongs to a calendar of one's own. */
export const AskedEvent = z.omit(CalendarEvent, { id: true, calendarId: true, changedAt: true });
export type AskedEvent = Omit<
  CalendarEvent,
  'id' | 'calendarId' | 'changedAt' | 'madeHere' | 'held' | 'readAs'
>;

/** A time that is proposed instead. */
export const Proposal = openObject({ start: Instant, minutes: minutesUpTo(bounds.blockMinutes) });
export type Proposal = z.infer<typeof Proposal>;

/** What one answers to a request: yes, maybe, no, or another time. */
export const AnswerKind = z.enum(['yes', 'maybe', 'no', 'other']);
export type AnswerKind = z.infer<typeof AnswerKind>;

export const Answer = openObject({
  kind: AnswerKind,
  at: Instant,
  /** The mark of the hours that it is an answer to: it holds as long as they stay. */
  hours: textUpTo(bounds.title),
  /** The times that are proposed instead, the best first. */
  proposals: listUpTo(Proposal, bounds.few),
  note: textUpTo(bounds.notes),
  /** It was put off because its week is sealed. */
  notThisWeek: z.optional(z.literal(true)),
});
export type Answer = z.infer<typeof Answer>;

/** What became of one time of what repeats: changed, called off, or added. */
export const RequestPart = openObject({
  /** The start that it would have had, or of one that was added, has. */
  recurrence: WallStart,
  ...revision,
  how: z.enum(['changed', 'off', 'added']),
  /** What holds for it; null where it is called off. */
  details: z.nullable(z.omit(Exception, { recurrence: true, andLater: true })),
});
export type RequestPart = z.infer<typeof RequestPart>;

/**
 * What somebody asks for of one's time (RFC 5546), as it stands by the latest that was heard of it, in whatever order that
 * came; and what was answered. Its id is the UID of the event.
 */
export const Request = openObject({
  id: Id,
  /** Null as long as only what is about it has come: that it is called off, or that a time was added. */
  event: z.nullable(AskedEvent),
  ...revision,
  parts: listUpTo(RequestPart, bounds.few),
  cancelled: z.nullable(Revision),
  organizer: Who,
  /** Who sent it in the name of the organizer, if it was somebody else. */
  sender: z.nullable(textUpTo(320)),
  /** When it first came. */
  heardAt: Instant,
  answer: z.optional(Answer),
  /** The answer that has gone out last: when it was given, and to which version; or that it was asked for the whole. */
  sent: z.optional(openObject({ at: Instant, sequence: z.int() })),
  /** When the organizer said no to another time (DECLINECOUNTER), by their clock. */
  refused: z.optional(Instant),
  ...Changed,
});
export type Request = z.infer<typeof Request>;

/** Somebody who was invited to a meeting of one's own, and the latest that they answered. */
export const Guest = openObject({
  ...Who.shape,
  answer: z.optional(
    openObject({
      kind: AnswerKind,
      ...revision,
      proposals: listUpTo(Proposal, bounds.few),
      note: textUpTo(bounds.notes),
    }),
  ),
  /** The time stays, whatever they proposed with the answer of a stamp; and whether they know. */
  stays: z.optional(openObject({ stamp: Instant, told: z.boolean() })),
  /** The stamp of their last request to be told of the whole again (REFRESH). */
  refreshed: z.optional(Instant),
});
export type Guest = z.infer<typeof Guest>;

/** A meeting of one's own to which others are invited, and what of it they have been told last. Its id is the UID of its event. */
export const Invitation = openObject({
  id: Id,
  /** Rises when its hours change or it is called off; a change of anything else has a later stamp alone. */
  ...revision,
  guests: listUpTo(Guest, bounds.attendees),
  /** What was sent last and to whom, with the marks of its hours and of all that it says; missing before anything was. */
  told: z.optional(
    openObject({
      hours: textUpTo(bounds.title),
      mark: textUpTo(bounds.title),
      event: AskedEvent,
      guests: listUpTo(Who, bounds.attendees),
    }),
  ),
  ...Changed,
});
export type Invitation = z.infer<typeof Invitation>;
