import { plainName } from '../model/names';
import type { Known } from './joined';

/** People, those whom one hears of most often first, then by name. */
export const inOrder = (people: readonly Known[]): Known[] =>
  [...people].sort((a, b) => b.times - a.times || a.name.localeCompare(b.name));

/** Whether somebody goes by all of the words that were typed, or parts of them. */
export function withWords({ name, addresses }: Known, typed: string): boolean {
  const text = [name, ...addresses].join(' ').toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

/** The words of a name that tell people apart. */
const wordsOf = ({ name }: Known): string[] =>
  plainName(name)
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 2);

/** The first part of an address: what somebody calls themselves at home and at work. */
const localOf = (address: string): string => address.toLowerCase().split('@')[0] ?? '';

/** Whether two may well be one person: they share a word of their names, or the first part of an address. */
export function alike(one: Known, other: Known): boolean {
  const words = new Set(wordsOf(one));
  const locals = new Set(one.addresses.map(localOf));
  return (
    wordsOf(other).some((word) => words.has(word)) ||
    other.addresses.some((address) => locals.has(localOf(address)))
  );
}
