import { durationWords } from '../time/words';
import type { Broken } from './door';

const times = (count: number) => (count === 1 ? 'one is' : `${count} are`);

/** A rule of the door that a request breaks, as a line: `“Meetings” takes requests of at most 45 min`. */
export function brokenLine(broken: Broken): string {
  switch (broken.kind) {
    case 'notOpen':
      return 'Outside the hours that are open to meetings';
    case 'tooLong':
      return `“${broken.zone}” takes requests of at most ${durationWords(broken.most)}`;
    case 'notForThem':
      return broken.who === 'known'
        ? `“${broken.zone}” is for those whom you know`
        : `“${broken.zone}” is for certain people alone`;
    case 'dayFull':
      return `No more requests that day: ${times(broken.count)} accepted`;
    case 'weekFull':
      return `No more requests that week: ${times(broken.count)} accepted`;
  }
}

/** How many requests went where they should: `9 of 12 requests went to open zones`. */
export const doorWords = ({ open, all }: { readonly open: number; readonly all: number }): string =>
  all === 1
    ? `The one request that was accepted ${open === 1 ? 'went to an open zone' : 'lies outside open zones'}.`
    : `${open} of ${all} requests went to open zones.`;
