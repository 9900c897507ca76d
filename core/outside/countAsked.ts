import { derivedByPart } from '../model/collection';
import type { Counterpart } from '../model/counterpart';
import type { Workspace } from '../model/workspace';

const askedIn = derivedByPart<Counterpart, number>(
  (counterparts) => [...counterparts].filter(({ theirs, kind }) => theirs && kind !== 'block').length,
);

/** How much is asked about, because both sides have changed it or one has removed it. */
export const countAsked = ({ counterparts }: Workspace): number =>
  askedIn(counterparts).reduce((sum, count) => sum + count, 0);
