import * as z from '../zod';
import { bounds, textUpTo } from './bounds';
import { Changed, Id, openObject } from './common';

/**
 * What has no category of its own counts for this one: every time of a series (`of` is the event’s id), everything of a title,
 * or every meeting with a person (`of` is an address).
 */
export const CategoryRule = openObject({
  id: Id,
  by: z.enum(['series', 'title', 'person']),
  of: textUpTo(bounds.id),
  /** What `of` was called when the rule was made. */
  name: textUpTo(bounds.place),
  category: Id,
  ...Changed,
});
export type CategoryRule = z.infer<typeof CategoryRule>;
