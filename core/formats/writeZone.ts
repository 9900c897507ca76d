import { Temporal } from 'temporal-polyfill';
import { instantOf, wallOf, type Zone } from '../time/zone';
import { compact } from './writeLine';

const offsetText = (seconds: number): string => {
  const [sign, left] = [seconds < 0 ? '-' : '+', Math.abs(seconds)];
  const two = (n: number) => String(n).padStart(2, '0');
  const rest = left % 60 === 0 ? '' : two(left % 60);
  return `${sign}${two(Math.floor(left / 3600))}${two(Math.floor((left % 3600) / 60))}${rest}`;
};

const offsetOf = (at: Temporal.ZonedDateTime) => at.offsetNanoseconds / 1_000_000_000;

/**
 * A VTIMEZONE (RFC 5545 3.6.5) that tells every clock change of an IANA zone from the year `from` until before the year
 * `to`, each as a date of its own.
 */
export function zoneLines(zone: Zone, from: number, to: number): string[] {
  const begin = instantOf(`${from}-01-01T00:00`, zone);
  const end = instantOf(`${to}-01-01T00:00`, zone);
  let at = Temporal.Instant.fromEpochMilliseconds(begin).toZonedDateTimeISO(zone);
  const first = offsetText(offsetOf(at));
  const changes = new Map<string, { daylight: boolean; from: string; to: string; walls: string[] }>([
    ['', { daylight: false, from: first, to: first, walls: [`${from}-01-01T00:00:00`] }],
  ]);
  for (;;) {
    const next = at.getTimeZoneTransition('next');
    if (!next || next.epochMilliseconds >= end) break;
    const [before, after] = [offsetOf(next.subtract({ seconds: 1 })), offsetOf(next)];
    // a change is given in the wall time of the clock before it
    const wall = wallOf(next.epochMilliseconds + before * 1000, 'UTC');
    const key = `${before} ${after}`;
    const known = changes.get(key);
    if (known) known.walls.push(wall);
    else
      changes.set(key, {
        daylight: after > before,
        from: offsetText(before),
        to: offsetText(after),
        walls: [wall],
      });
    at = next;
  }
  return [
    'BEGIN:VTIMEZONE',
    `TZID:${zone}`,
    ...[...changes.values()].flatMap(({ daylight, from: before, to: after, walls }) => {
      const [start = '', ...others] = walls.map(compact);
      const name = daylight ? 'DAYLIGHT' : 'STANDARD';
      return [
        `BEGIN:${name}`,
        `DTSTART:${start}`,
        `TZOFFSETFROM:${before}`,
        `TZOFFSETTO:${after}`,
        // a line each, as some readers take only the first value of a line
        ...others.map((wall) => `RDATE:${wall}`),
        `END:${name}`,
      ];
    }),
    'END:VTIMEZONE',
  ];
}
