import type { Chip } from '../chip';
import type { Candidate } from './candidates';

/** How much more the name of something that is there counts than words of as many letters. */
const SURE = 100;

/** How much speaks for a stretch: its letters, and more if it goes by a name. */
const weightOf = ({ from, to, isNamed }: Candidate): number => to - from + (isNamed ? SURE : 0);

/** Whether two stretches of a line have letters in common. */
export const overlap = (a: Chip, b: Chip): boolean => a.from < b.to && b.from < a.to;

/** Of stretches that lie over each other the one for which most speaks, the later of two alike; in the order of the line. */
export function covered(all: readonly Candidate[]): Candidate[] {
  const kept: Candidate[] = [];
  for (const chip of [...all].sort((a, b) => weightOf(b) - weightOf(a) || b.from - a.from))
    if (!kept.some((other) => overlap(other, chip))) kept.push(chip);
  return kept.sort((a, b) => a.from - b.from);
}
