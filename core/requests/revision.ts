import { markOf } from '../formats/mark';
import type { EventDetails } from '../model/event';
import type { AskedEvent, Revision } from '../model/request';

/** Whether one version of an event is later than another: by its sequence, then by when it was written (RFC 5546 2.1.5). */
export const isNewer = (one: Revision, other: Revision): boolean =>
  one.sequence === other.sequence ? one.stamp > other.stamp : one.sequence > other.sequence;

const startAndLength = ({ start, length }: Pick<EventDetails, 'start' | 'length'>) => [start, length];

/** The mark of when an event takes place: it changes when somebody has to be asked anew. */
export const hoursMark = ({ rule, without, also, exceptions, ...event }: AskedEvent): string =>
  markOf(
    JSON.stringify([
      ...startAndLength(event),
      rule,
      [...without].sort(),
      also.map(({ wall, length }) => [wall, length]).sort(),
      exceptions
        .map((one) => [one.recurrence, one.andLater, one.cancelled, ...startAndLength(one)])
        .sort((a, b) => String(a[0]).localeCompare(String(b[0]))),
    ]),
  );
