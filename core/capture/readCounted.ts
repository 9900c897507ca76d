import type { Id } from '../model/common';
import type { Counted } from '../model/day';
import { readDuration } from './readDuration';

/** What is typed for a number of one's own; null for nothing, undefined where it cannot be read. */
export function readCounted({ kind, unit }: Counted, typed: string): number | null | undefined {
  const text = typed.trim();
  if (text === '') return null;
  if (kind === 'yesNo') return /^y(es)?$/i.test(text) ? 1 : /^no?$/i.test(text) ? 0 : undefined;
  const hasUnit = unit !== '' && text.toLowerCase().endsWith(unit.toLowerCase());
  const bare = (hasUnit ? text.slice(0, -unit.length) : text).trim();
  const number = Number(bare.replace(',', '.'));
  if (bare !== '' && Number.isFinite(number) && Math.abs(number) <= 1e9) return number;
  return kind === 'minutes' ? readDuration(text) : undefined;
}

/** A number that a typed line counts: `samples counted 12`, `lunch away from the desk: yes`. */
export type CountLine = { readonly of: Id; readonly value: number };

/** The number that a line says, by the whole name of what is counted; undefined for any other line. */
export function countIn(text: string, counted: readonly Counted[]): CountLine | undefined {
  const line = text.trim().toLowerCase();
  for (const one of counted) {
    const name = one.name.trim().toLowerCase();
    if (!line.startsWith(name)) continue;
    const typed = /^\s*[:=]?\s+(.*)$/.exec(line.slice(name.length))?.[1] ?? '';
    const value = readCounted(one, typed);
    if (typeof value === 'number') return { of: one.id, value };
  }
  return undefined;
}
