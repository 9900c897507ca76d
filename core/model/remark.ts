import type * as z from '../zod';
import { bounds, textUpTo } from './bounds';
import { Changed, Id, Instant, openObject, WallText } from './common';

/** What a person notes about one meeting, one time of an event, whoever's calendar it stands in. */
export const Remark = openObject({
  /** That of the occurrence. */
  id: Id,
  eventId: Id,
  /** The wall start that the event's rule gives it. */
  recurrence: WallText,
  title: textUpTo(bounds.title),
  /** When it began or begins. */
  from: Instant,
  text: textUpTo(bounds.notes),
  ...Changed,
});
export type Remark = z.infer<typeof Remark>;
