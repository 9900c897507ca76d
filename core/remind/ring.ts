import * as z from '../zod';
import { bounds, listUpTo, textUpTo } from '../model/bounds';
import { DateText, Id, Instant, WallText } from '../model/common';

/** What a reminder is about. */
export const About = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('block'), blockId: Id, taskId: Id }),
  z.object({ kind: z.literal('meeting'), eventId: Id, recurrence: WallText }),
  z.object({ kind: z.literal('due'), taskId: Id }),
  z.object({ kind: z.literal('opening'), date: DateText }),
  z.object({ kind: z.literal('close'), date: DateText }),
  z.object({ kind: z.literal('routine'), date: DateText, routineId: Id }),
]);
export type About = z.infer<typeof About>;

/** A reminder at its instant `at` (epoch ms). Its id tells it from all others, and is another when the thing has moved. */
export const Ring = z.object({
  id: textUpTo(bounds.id * 2),
  at: Instant,
  about: About,
  /** When the thing begins, or is due (epoch ms). */
  when: Instant,
  /** It lies in a time that is to be quiet: it is shown, and does not ring. */
  quiet: z.boolean(),
});
export type Ring = z.infer<typeof Ring>;

/** A reminder that nobody has answered yet: it rings, or it came while nobody looked. */
export const OpenRing = z.object({ ring: Ring, missed: z.boolean() });
export type OpenRing = z.infer<typeof OpenRing>;

/** How many reminders are kept at most, of each state. */
export const MOST = 500;

/** What a device remembers of its reminders; not a part of a person's data. */
export const Ringing = z.object({
  /** All before this instant (epoch ms) has been seen to. */
  until: Instant,
  /** What rang of late, so that a clock that is set back rings nothing twice. */
  rung: listUpTo(z.object({ id: z.string(), at: Instant }), MOST),
  open: listUpTo(OpenRing, MOST),
  /** What is to ring once more, at another instant. */
  later: listUpTo(Ring, MOST),
});
export type Ringing = z.infer<typeof Ringing>;
