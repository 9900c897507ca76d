import { bounds, listUpTo, textUpTo } from '../model/bounds';
import { Id, Instant } from '../model/common';
import { Who } from '../model/request';
import * as z from '../zod';
import { notAsked, standing } from './feed';

/** What becomes of a message in its mailbox once the task that was made of it is done. */
export const WhenDone = z.enum(['leave', 'flag', 'file']);
export type WhenDone = z.infer<typeof WhenDone>;

/** A message as the mailbox lists it: one that nobody has read, or that is flagged. */
export const MailHead = z.object({
  id: Id,
  /** By which its text is asked for. */
  blobId: textUpTo(bounds.title),
  /** What it is known by everywhere (RFC 5322 3.6.4), without brackets, if it says so. */
  messageId: z.nullable(textUpTo(bounds.title)),
  from: Who,
  subject: textUpTo(bounds.title),
  preview: textUpTo(bounds.title),
  receivedAt: Instant,
  unread: z.boolean(),
  flagged: z.boolean(),
});
export type MailHead = z.infer<typeof MailHead>;

/** A message of one's own that waits to be sent. */
export const Draft = z.object({
  /** What it will be known by, so that it is not sent twice. */
  id: Id,
  to: Who,
  subject: textUpTo(bounds.title),
  text: textUpTo(bounds.notes),
  at: Instant,
  /** The message that it answers, if that says what it is known by. */
  inReplyTo: z.nullable(textUpTo(bounds.title)),
  answers: z.nullable(Id),
});
export type Draft = z.infer<typeof Draft>;

/** A message about an event that was not followed, and why. */
export const Unheard = z.object({
  id: Id,
  from: textUpTo(320),
  subject: textUpTo(bounds.title),
  at: Instant,
  why: z.enum(['notOrganizer', 'older', 'noOrganizer', 'notGuest', 'gone', 'unreadable', 'large']),
});
export type Unheard = z.infer<typeof Unheard>;

/**
 * The mailbox that this device asks, who asks, and what is known of it: a thing of this device, apart from the data. So many
 * messages and no more are kept in sight.
 */
export const Mailbox = z.object({
  server: textUpTo(bounds.place),
  username: textUpTo(bounds.title),
  password: textUpTo(bounds.title),
  /** Whose it is: what letters go out by. */
  own: Who,
  whenDone: WhenDone,
  /** Up to where changes of its messages are known (RFC 8620 5.2), or null when all are to be looked at. */
  state: z.nullable(textUpTo(bounds.title)),
  heads: listUpTo(MailHead, bounds.few),
  drafts: listUpTo(Draft, bounds.few),
  unheard: listUpTo(Unheard, bounds.few),
  /** What may not be sent: by the id of a draft, a request or an invitation, with what the mailbox says. */
  refused: listUpTo(z.object({ of: Id, what: textUpTo(bounds.title) }), bounds.few),
  ...standing,
});
export type Mailbox = z.infer<typeof Mailbox>;

/** How often it is looked for new messages where nothing tells of them, in minutes. */
const OFTEN = 5;

type Credentials = Pick<Mailbox, 'server' | 'username' | 'password'>;

/** A mailbox that has not been asked yet. */
export const newMailbox = (credentials: Credentials, own: Who): Mailbox => ({
  ...notAsked,
  ...{ every: OFTEN, ...credentials, own, whenDone: 'leave', state: null },
  ...{ heads: [], drafts: [], unheard: [], refused: [] },
});

/** What the mailbox says of something that it does not send: a draft, a request or an invitation by its id. */
export const refusedBy = (mailbox: Mailbox | null, of: string): string | undefined =>
  mailbox?.refused.find((one) => one.of === of)?.what;
