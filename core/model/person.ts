import type * as z from '../zod';
import { bounds, listUpTo, textUpTo, Title } from './bounds';
import { Changed, Id, openObject } from './common';
import { Kept } from './event';

/** Somebody one knows, as one has named them: what is seen of people in events and messages goes by their addresses. */
export const Person = openObject({
  id: Id,
  name: Title,
  addresses: listUpTo(textUpTo(320), bounds.few),
  /** Lines of a card that this program has no use for (RFC 6350): they go out again as they came. */
  kept: Kept,
  ...Changed,
});
export type Person = z.infer<typeof Person>;
