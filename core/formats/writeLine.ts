import type { EventLength } from '../model/event';

const LONGEST = 75;

/** How many octets a character takes in UTF-8. */
const octetsOf = (character: string): number => {
  const code = character.codePointAt(0) ?? 0;
  if (code < 0x80) return 1;
  if (code < 0x800) return 2;
  return code < 0x10000 ? 3 : 4;
};

/** Folds a content line so that none is longer than 75 octets (RFC 5545 3.1), never inside a character. */
export function folded(line: string): string {
  const pieces: string[] = [];
  let piece = '';
  let octets = 0;
  for (const character of line) {
    const more = octetsOf(character);
    if (octets + more > LONGEST) {
      pieces.push(piece);
      piece = ' ';
      octets = 1;
    }
    piece += character;
    octets += more;
  }
  return [...pieces, piece].join('\r\n');
}

/** A TEXT value (RFC 5545 3.3.11). */
export const escaped = (text: string): string =>
  text
    .replace(/\\/g, '\\\\')
    .replace(/;/g, '\\;')
    .replace(/,/g, '\\,')
    .replace(/\r\n|\r|\n/g, '\\n');

/** A wall time, `2026-11-24T09:00:00` or a date, as DATE-TIME or DATE (RFC 5545 3.3.4, 3.3.5). */
export const compact = (wall: string): string => wall.replace(/[-:]/g, '');

/** An instant (epoch ms) as a DATE-TIME in UTC, to the second. */
export const utc = (instant: number): string => `${compact(new Date(instant).toISOString().slice(0, 19))}Z`;

/** A property whose values are wall times in a zone: UTC, a named one, floating, or dates. */
export function timesLine(name: string, walls: readonly string[], zone: string | null): string {
  const values = walls.map(compact);
  if (walls[0]?.length === 10) return `${name};VALUE=DATE:${values.join(',')}`;
  if (zone === 'UTC') return `${name}:${values.map((value) => `${value}Z`).join(',')}`;
  return `${name}${zone === null ? '' : `;TZID=${zone}`}:${values.join(',')}`;
}

/** Minutes as an exact DURATION value. */
export const minutesText = (minutes: number): string => durationText({ days: 0, seconds: minutes * 60 });

/** A DURATION (RFC 5545 3.3.6): days stay days, the rest is exact. */
export function durationText({ days, seconds }: EventLength): string {
  const [hours, minutes, rest] = [
    Math.floor(seconds / 3600),
    Math.floor((seconds % 3600) / 60),
    seconds % 60,
  ];
  const time = [hours && `${hours}H`, minutes && `${minutes}M`, rest && `${rest}S`].filter(Boolean).join('');
  if (!time) return days > 0 ? `P${days}D` : 'PT0S';
  return `P${days > 0 ? `${days}D` : ''}T${minutes === 0 && hours > 0 && rest > 0 ? `${hours}H0M${rest}S` : time}`;
}
