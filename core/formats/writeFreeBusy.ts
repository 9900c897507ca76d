import type { Span } from '../time/span';
import { folded, utc } from './writeLine';

type Published = {
  readonly uid: string;
  /** Epoch ms. */
  readonly now: number;
  /** Whose times they are: an address, if one is known. */
  readonly organizer: string | undefined;
};

/** Free times as a VFREEBUSY that is published (RFC 5545 3.6.4, RFC 5546 3.3.1): times alone, nothing of what is between them. */
export function writeFreeTimes(spans: readonly Span[], { uid, now, organizer }: Published): string {
  const [first, last] = [spans[0], spans.at(-1)];
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Sprindle//Sprindle//EN',
    'METHOD:PUBLISH',
    'BEGIN:VFREEBUSY',
    `UID:${uid}`,
    `DTSTAMP:${utc(now)}`,
    ...(first && last ? [`DTSTART:${utc(first.from)}`, `DTEND:${utc(last.to)}`] : []),
    ...(organizer ? [`ORGANIZER:mailto:${organizer}`] : []),
    ...spans.map(({ from, to }) => `FREEBUSY;FBTYPE=FREE:${utc(from)}/${utc(to)}`),
    'END:VFREEBUSY',
    'END:VCALENDAR',
  ];
  return lines.map((line) => `${folded(line)}\r\n`).join('');
}
