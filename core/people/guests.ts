import { plainAddress } from '../calendar/attendees';
import { readPeople } from '../capture/people';
import { plainName } from '../model/names';
import type { Who } from '../model/request';
import { withWords } from './finding';
import type { Known } from './joined';

/** Who of those one knows goes by a name, if it is one person: by all of it, else by a part. */
function named(typed: string, known: readonly Known[]): Known | undefined {
  const reachable = known.filter(({ addresses }) => addresses.length > 0);
  const exactly = reachable.filter(({ name }) => plainName(name) === plainName(typed));
  const partly = exactly.length > 0 ? exactly : reachable.filter((person) => withWords(person, typed));
  return partly.length === 1 ? partly[0] : undefined;
}

/**
 * People to invite as they are typed, by commas: by address, or by a name by which one knows one person. What is neither is given
 * back as it was typed.
 */
export function readGuests(
  typed: string,
  known: readonly Known[],
): { readonly guests: Who[] } | { readonly unread: string } {
  const guests = new Map<string, Who>();
  for (const part of typed.split(/[,;\n]/).map((one) => one.trim())) {
    if (part === '') continue;
    const read = readPeople(part, []);
    const [first] = 'people' in read ? read.people : [];
    const person = first ? undefined : named(part, known);
    const address = first?.address ?? person?.addresses[0];
    if (address === undefined) return { unread: part };
    const name = first ? (first.name === first.address ? '' : first.name) : (person?.name ?? '');
    guests.set(plainAddress(address), { name, address });
  }
  return { guests: [...guests.values()] };
}
