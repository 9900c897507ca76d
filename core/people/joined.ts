import { plainAddress } from '../calendar/attendees';
import { plainName } from '../model/names';
import type { Person } from '../model/person';

/** Somebody as an event or a message tells them, and how often it does so. */
export type Seen = { readonly name: string; readonly address: string; readonly times: number };

/** Somebody one meets: what one calls them, or most of those who tell of them, and all addresses that they go by. */
export type Known = {
  /** The first of their addresses, or their name. */
  readonly key: string;
  readonly name: string;
  readonly addresses: readonly string[];
  /** How often they are told of. */
  readonly times: number;
  /** As one has named them oneself. */
  readonly stored?: Person | undefined;
};

/** Marks that are said to be of one person, put together. */
function joinedMarks() {
  const above = new Map<string, string>();
  const top = (mark: string): string => {
    const next = above.get(mark);
    if (next === undefined) return mark;
    const found = top(next);
    above.set(mark, found);
    return found;
  };
  return {
    top,
    join(a: string, b: string) {
      if (top(a) !== top(b)) above.set(top(a), top(b));
    },
  };
}

const addressMark = (address: string) => `address ${plainAddress(address)}`;
const nameMark = (name: string) => `name ${plainName(name)}`;
/** What a person of one's own is marked by, and their addresses with it. */
const ownMark = ({ id }: Person) => `person ${id}`;

type Gathered = { names: Map<string, number>; addresses: Set<string>; times: number; stored?: Person };

const toldBy = ({ names, addresses, times, stored }: Gathered): Known => {
  const [[often] = ['']] = [...names].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]));
  const all = [...addresses].sort();
  const name = stored?.name ?? (often || (all[0] ?? ''));
  return { key: all[0] ?? name, name, addresses: all, times, stored };
};

/**
 * Who is who. Two who share an address or a name are one person, so that somebody with two addresses is told once; so are those
 * whom one has joined oneself. Oneself, known by the addresses `own`, is nobody one knows.
 */
export function joined(stored: readonly Person[], seen: readonly Seen[], own: readonly string[]) {
  const marks = joinedMarks();
  for (const person of stored) {
    marks.join(nameMark(person.name), ownMark(person));
    for (const address of person.addresses) marks.join(addressMark(address), ownMark(person));
  }
  for (const { name, address } of seen)
    if (plainName(name) !== '') marks.join(addressMark(address), nameMark(name));
  const self = new Set(own.map((address) => marks.top(addressMark(address))));
  const gathered = new Map<string, Gathered>();
  const of = (key: string): Gathered => {
    const known = gathered.get(key) ?? {
      names: new Map<string, number>(),
      addresses: new Set<string>(),
      times: 0,
    };
    gathered.set(key, known);
    return known;
  };
  for (const { name, address, times } of seen) {
    const key = marks.top(addressMark(address));
    if (self.has(key)) continue;
    const known = of(key);
    known.names.set(name, (known.names.get(name) ?? 0) + times);
    known.addresses.add(address);
    known.times += times;
  }
  for (const person of stored) {
    const key = marks.top(ownMark(person));
    if (self.has(key)) continue;
    const known = of(key);
    known.stored ??= person;
    for (const address of person.addresses) known.addresses.add(address);
  }
  const told = new Map([...gathered].map(([key, one]) => [key, toldBy(one)]));
  return {
    all: [...told.values()],
    /** Who goes by an address; undefined for oneself and those who are not known. */
    by: (address: string): Known | undefined => told.get(marks.top(addressMark(address))),
  };
}
