import { MINUTE } from '../time/span';
import type { TimeEntry } from '../model/plan';

/** The clocks as they stood at once: the one that people read (epoch ms), and one that nobody can set (ms, from anywhere). */
export type Look = { readonly clock: number; readonly steady: number };

/**
 * What happened to a timer between two looks: its clock was set back, or it counted time that nobody saw go by (`by`,
 * ms). Until `seen` on the clock as it stood before, somebody saw it run (epoch ms).
 */
export type Jump = { readonly kind: 'back' | 'unseen'; readonly by: number; readonly seen: number };

/** Looks come each second, or each minute while a page is hidden; after a longer pause the computer slept (ms). */
const LONGEST_PAUSE = 5 * MINUTE;
const SMALLEST_BACK = 2000;
/** A page that was closed for less is one that was reloaded, or left for something short (ms). */
const LONGEST_ABSENCE = 60 * MINUTE;

/** What happened between two looks of one page. */
export function jumpBetween(before: Look, after: Look): Jump | undefined {
  const shown = after.clock - before.clock;
  const passed = after.steady - before.steady;
  const watched = passed > LONGEST_PAUSE ? 0 : passed;
  const seen = Math.round(before.clock + watched);
  if (shown < passed - SMALLEST_BACK) return { kind: 'back', by: Math.round(passed - shown), seen };
  const unseen = Math.round(shown - watched);
  return unseen > MINUTE ? { kind: 'unseen', by: unseen, seen } : undefined;
}

/** What happened since a page that is gone looked at the clock last, at `seen`; `now` is read by the page that opens. */
export function jumpSince(seen: number, now: number): Jump | undefined {
  if (now < seen - SMALLEST_BACK) return { kind: 'back', by: seen - now, seen };
  return now - seen > LONGEST_ABSENCE ? { kind: 'unseen', by: now - seen, seen } : undefined;
}

/** Where an entry ends that is to hold no more than what was seen of it until `seen`: a minute at least. */
export const seenEnd = ({ from }: TimeEntry, seen: number): number => Math.max(seen, from + MINUTE);

/** Whether a timer began later than the clock says it is now (epoch ms), as the clock was set back since: how long it ran is not known. */
export const beganLater = ({ from }: TimeEntry, now: number): boolean => from > now + SMALLEST_BACK;
