import { lengthAt } from './grammar/lengths';
import { tokensOf } from './grammar/tokens';
import { findDuration } from './readDuration';

/** How much of a text is looked at, in letters, and what somebody may ask of one's time in one go, in minutes. */
const LETTERS = 2000;
const LEAST = 5;
const MOST = 480;

/** A length of time that a text names, in minutes, as in “could you spare an hour”; undefined where it names none. */
export function lengthIn(text: string): number | undefined {
  const tokens = tokensOf(text.slice(0, LETTERS));
  for (let at = 0; at < tokens.length; at += 1) {
    const minutes = lengthAt(tokens, at)?.value;
    if (minutes !== undefined && minutes >= LEAST && minutes <= MOST) return minutes;
  }
  const written = findDuration(text)?.value;
  return written !== undefined && written >= LEAST && written <= MOST ? written : undefined;
}
