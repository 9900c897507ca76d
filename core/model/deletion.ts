import * as z from '../zod';
import { Changed, Id, Instant, openObject } from './common';

/** That a record was deleted, and when, so that another copy of the workspace does not bring it back. */
export const Deletion = openObject({
  /** The collection and the id of the record, `tasks/…`. */
  id: Id,
  collection: z.string(),
  of: Id,
  at: Instant,
  ...Changed,
});
export type Deletion = z.infer<typeof Deletion>;
