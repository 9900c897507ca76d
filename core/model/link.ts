import * as z from '../zod';
import { AttachedTo } from './attachment';
import { bounds, textUpTo } from './bounds';
import { Changed, Id, Instant, openObject } from './common';

/** What a link may begin with: what opens a page, a message or a call, and nothing that runs. */
export const LINK = /^(https?:\/\/|mailto:|tel:)\S+$/i;

/** What opens a page or a call, and nothing that runs. */
export const CALL = /^(https?:\/\/|tel:|sips?:)\S+$/i;

/** An address that belongs to a task or a meeting. */
export const Link = openObject({
  id: Id,
  of: AttachedTo,
  address: z.string().check(z.regex(LINK, 'is no address that can be opened'), z.maxLength(bounds.place)),
  /** What it is called; '' for its address. */
  name: textUpTo(bounds.title),
  addedAt: Instant,
  ...Changed,
});
export type Link = z.infer<typeof Link>;
