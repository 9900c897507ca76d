import type { Chip } from '../chip';
import type { Candidate } from './candidates';

/** Whether two stretches of a line have letters in common. */
export const overlap = (a: Chip, b: Chip): boolean => a.from < b.to && b.from < a.to;

/** What a stretch may mean, and how much speaks for it: its letters, more for the name of something that is there. */
export type Weighed = { readonly chip: Candidate; readonly weight: number };

/** Of stretches that lie over each other the one for which most speaks, the later of two alike; in the order of the line. */
export function covered(all: readonly Weighed[]): Candidate[] {
  const kept: Candidate[] = [];
  for (const { chip } of [...all].sort((a, b) => b.weight - a.weight || b.chip.from - a.chip.from))
    if (!kept.some((other) => overlap(other, chip))) kept.push(chip);
  return kept.sort((a, b) => a.from - b.from);
}
