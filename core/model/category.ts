import * as z from '../zod';
import { Title } from './bounds';
import { Changed, Hue, Id, openObject } from './common';
import { Leads } from './reminder';
import { ListIcon } from './task';

/**
 * A kind of work, across lists and calendars. Its id is the name that it was given first, so that two copies of a
 * workspace in which the same one was made agree; events tell theirs by name, as calendar files do.
 */
export const Category = openObject({
  id: Id,
  name: Title,
  hue: Hue,
  icon: z.optional(ListIcon),
  /** Reminders of its blocks and meetings. */
  leads: z.optional(Leads),
  /** Whether Review can leave it out. */
  private: z.optional(z.boolean()),
  /** Its place among the others, smallest first. */
  rank: z.number(),
  ...Changed,
});
export type Category = z.infer<typeof Category>;
