import * as z from '../zod';
import { bounds, listUpTo, textUpTo } from './bounds';
import { Changed, Id, Instant, openObject } from './common';

/** What was attached to a message: its name and size in bytes; the file itself is not kept. */
export const AttachedName = openObject({
  name: textUpTo(bounds.title),
  type: textUpTo(bounds.title),
  size: z.int().check(z.gte(0)),
});
export type AttachedName = z.infer<typeof AttachedName>;

/** A message that a task was made of (RFC 5322), as it was when it was brought in. */
export const Message = openObject({
  id: Id,
  taskId: Id,
  subject: textUpTo(bounds.title),
  /** Name and address of who wrote it, as far as they are told. */
  from: textUpTo(bounds.title),
  sentAt: z.nullable(Instant),
  text: textUpTo(bounds.notes),
  /** As it came; it is made harmless when it is shown. */
  html: z.nullable(textUpTo(bounds.html)),
  attachments: listUpTo(AttachedName, bounds.few),
  /** Where it lies in a mailbox, and what was said there last of what became of it. */
  mail: z.optional(
    openObject({
      id: textUpTo(bounds.title),
      own: textUpTo(320),
      said: z.enum(['nothing', 'taken', 'done']),
    }),
  ),
  ...Changed,
});
export type Message = z.infer<typeof Message>;
