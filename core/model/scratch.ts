import type * as z from '../zod';
import { Title } from './bounds';
import { Changed, DateText, Id, Instant, openObject } from './common';

/** A line that was noted while working on something else. */
export const ScratchNote = openObject({
  id: Id,
  text: Title,
  notedAt: Instant,
  /** The day that it is to be dealt with. */
  date: DateText,
  ...Changed,
});
export type ScratchNote = z.infer<typeof ScratchNote>;
