/* Which part of its collection a record lies in, where that is not plain from its date. */

const DAY = 86_400_000;
const months = new Map<number, string>();
/** The month of an instant in UTC, `2026-11`; each day's is worked out once, as a history asks for it often. */
export function month(instant: number): string {
  const day = Math.floor(instant / DAY);
  const known = months.get(day) ?? new Date(day * DAY).toISOString().slice(0, 7);
  months.set(day, known);
  return known;
}

/** How many parts open tasks lie in, so that an edit writes a few kilobytes even with tens of thousands of them. */
const OPEN_PARTS = 256;

/** A number below OPEN_PARTS for an id, the same always (FNV-1a, Fowler, Noll, Vo 1991). */
function spread(id: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < id.length; i += 1) hash = Math.imul(hash ^ id.charCodeAt(i), 0x01000193);
  return (hash >>> 0) % OPEN_PARTS;
}
/** The part that an open task lies in. */
export const openPart = (id: string) => `open-${spread(id).toString(16).padStart(2, '0')}`;
