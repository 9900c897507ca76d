import * as z from '../zod';
import { bounds, textUpTo } from './bounds';
import { Changed, Id, openObject } from './common';

/**
 * What an event, a task or a block has become in a calendar of an account: the version there and what stood here when both
 * sides last agreed, so that it can be told which of them has changed since.
 */
export const Counterpart = openObject({
  /** The calendar, and the last part of its address there. */
  id: Id,
  calendarId: Id,
  kind: z.enum(['event', 'task', 'block']),
  /** The id of what it is the counterpart of; empty for what could not be read. */
  of: z.string(),
  /** The version there (RFC 9110 8.8.3); empty when it has to be read anew. */
  etag: textUpTo(bounds.place),
  /** The mark of what stood here. */
  mark: textUpTo(bounds.title),
  /** The mark of what is being sent, whose answer may get lost. */
  sending: z.optional(textUpTo(bounds.title)),
  /** Both have changed, and the person is asked: what stands there now, or that it is gone (null). */
  theirs: z.optional(openObject({ etag: z.nullable(textUpTo(bounds.place)), text: textUpTo(bounds.line) })),
  ...Changed,
});
export type Counterpart = z.infer<typeof Counterpart>;
