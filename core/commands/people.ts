import { plainAddress } from '../calendar/attendees';
import type { Card } from '../formats/cards';
import type { Id } from '../model/common';
import { equal } from '../model/equal';
import type { Person } from '../model/person';
import type { Workspace } from '../model/workspace';
import { command, CommandFailed, put, without } from './command';

const merged = (...lists: readonly (readonly string[])[]): string[] => [
  ...new Map(lists.flat().map((address) => [plainAddress(address), address])).values(),
];

/** Names somebody, or says otherwise by which addresses they go. */
export const keepPerson = command('name', (workspace, { person }: { person: Person }) => {
  if (person.name.trim() === '') throw new CommandFailed('A person needs a name.');
  return put(workspace, 'persons', person);
});

type Joining = {
  /** Who they are from now on, with the addresses of both. */
  readonly person: Person;
  /** Those of one's own that are the same person, and go. */
  readonly others: readonly Id[];
};

/** Makes one person of two. */
export const joinPeople = command('join people', (workspace, { person, others }: Joining) => {
  const kept = others.flatMap((id) => workspace.persons.get(id) ?? []);
  const one = {
    ...person,
    addresses: merged(person.addresses, ...kept.map(({ addresses }) => addresses)),
    kept: [...new Set([...person.kept, ...kept.flatMap((other) => other.kept)])],
  };
  return put(
    without(
      workspace,
      'persons',
      others.filter((id) => id !== person.id),
    ),
    'persons',
    one,
  );
});

/** Forgets how somebody was named; what events and messages tell of them stays. */
export const forgetPerson = command('forget a person', (workspace, { id }: { id: Id }) =>
  without(workspace, 'persons', [id]),
);

type Bringing = { readonly cards: readonly (Card & { readonly id: Id })[] };

/** The person of one's own that a card is of: by its UID, else by an address. */
function ownerOf({ persons }: Workspace, { uid, addresses }: Card): Person | undefined {
  const known = uid === null ? undefined : persons.get(uid);
  const theirs = new Set(addresses.map(plainAddress));
  return (
    known ?? persons.values().find((person) => person.addresses.some((one) => theirs.has(plainAddress(one))))
  );
}

/** Takes people out of cards: those that are known by UID or address get what is new, the others are added. */
export const bringPeople = command('bring people in', (workspace, { cards }: Bringing) =>
  cards.reduce((before, { id, ...card }) => {
    const own = ownerOf(before, card);
    const { uid, name, addresses, kept } = card;
    const person: Person = own
      ? {
          ...own,
          name,
          addresses: merged(own.addresses, addresses),
          kept: [...new Set([...own.kept, ...kept])],
        }
      : { id: uid ?? id, name, addresses, kept };
    return own && equal(own, person) ? before : put(before, 'persons', person);
  }, workspace),
);
