import * as z from '../zod';
import { bounds, minutesUpTo, Title } from './bounds';
import { Changed, Id, openObject, TimeText } from './common';

/** A block that comes up again and again, placed by typing its name. */
export const BlockTemplate = openObject({
  id: Id,
  name: Title,
  /** How long it takes. */
  minutes: minutesUpTo(bounds.blockMinutes),
  category: z.optional(Id),
  listId: z.optional(Id),
  /** Between which hours of a day it is best placed (wall time, the person's zone); null for any. */
  hours: z.nullable(openObject({ from: TimeText, to: TimeText })),
  /** Its place among the others, smallest first. */
  rank: z.number(),
  ...Changed,
});
export type BlockTemplate = z.infer<typeof BlockTemplate>;
