import * as z from '../zod';
import { bounds, listUpTo, textUpTo, Title } from './bounds';
import { Changed, Id, Instant, openObject } from './common';

/** A file is kept up to this size, in bytes. */
export const LARGEST_ATTACHMENT = 5_000_000;

/** What a file or a link belongs to. */
export const AttachedTo = z.discriminatedUnion('kind', [
  openObject({ kind: z.literal('task'), taskId: Id }),
  /** All times of a repeating task, which is several where it was split. */
  openObject({ kind: z.literal('repeat'), repeatIds: listUpTo(Id, bounds.times) }),
  /** One time of an event. */
  openObject({ kind: z.literal('meeting'), occurrence: Id }),
  /** All times of an event. */
  openObject({ kind: z.literal('event'), eventId: Id }),
]);
export type AttachedTo = z.infer<typeof AttachedTo>;

/** Whether signs of Base64 are as many as bytes can have given, padded or not. */
const isWholeBase64 = (data: string): boolean =>
  data.endsWith('=') ? data.length % 4 === 0 : data.length % 4 !== 1;

/** A small file or picture that was attached to a task or a meeting. */
export const Attachment = openObject({
  id: Id,
  of: AttachedTo,
  name: Title,
  /** What the browser takes it for, as `image/png`; '' where it does not know. */
  type: textUpTo(bounds.title),
  /** In bytes. */
  size: z.int().check(z.gte(0), z.lte(LARGEST_ATTACHMENT)),
  addedAt: Instant,
  /** The file itself in Base64 (RFC 4648 section 4). A cut one would be damaged, so that a longer one is not taken at all. */
  data: z
    .string()
    .check(
      z.regex(/^[A-Za-z0-9+/]*={0,2}$/),
      z.refine(isWholeBase64, { message: 'The file is cut: its Base64 does not end.' }),
      z.maxLength(Math.ceil(LARGEST_ATTACHMENT / 3) * 4),
    ),
  ...Changed,
});
export type Attachment = z.infer<typeof Attachment>;
