import type { ScratchNote } from '../model/scratch';
import type { Workspace } from '../model/workspace';
import type { IsoDate } from '../time/zone';

/** The scratch notes that wait on a day, those left from earlier days too, first noted first. */
export const scratchOn = ({ scratch }: Pick<Workspace, 'scratch'>, day: IsoDate): ScratchNote[] =>
  scratch
    .values()
    .filter(({ date }) => date <= day)
    .sort((a, b) => a.notedAt - b.notedAt);
