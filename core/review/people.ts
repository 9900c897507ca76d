import { isAsked, plainAddress } from '../calendar/attendees';
import { detailsOfOccurrence } from '../calendar/occurrences';
import { plainName } from '../model/names';
import type { Attendee } from '../model/event';
import type { Workspace } from '../model/workspace';
import type { LedgerRow } from './ledger';

/** Somebody one meets: the name that most meetings give them, and all addresses that they go by. */
export type Person = { readonly key: string; readonly name: string; readonly addresses: readonly string[] };

/** Those who were asked to the meeting that a row is about and have not declined. */
function askedTo({ events }: Workspace, { subject }: LedgerRow): readonly Attendee[] {
  const attendees =
    subject.kind === 'event' ? (detailsOfOccurrence(events, subject.occurrence)?.attendees ?? []) : [];
  return attendees.filter(isAsked);
}

const addressOf = ({ address }: Attendee) => `address ${plainAddress(address)}`;
const nameOf = ({ name }: Attendee) => `name ${plainName(name)}`;

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

/**
 * Who was met in which row. Two who share an address or a name are one person, so that somebody with two addresses is told
 * once; oneself, known by the addresses `own`, is nobody one meets.
 */
export function peopleOf(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  own: readonly string[],
): (row: LedgerRow) => readonly Person[] {
  const asked = new Map(rows.map((row) => [row, askedTo(workspace, row)]));
  const marks = joinedMarks();
  const all = [...asked.values()].flat();
  for (const one of all) if (plainName(one.name) !== '') marks.join(addressOf(one), nameOf(one));
  const self = new Set(own.map((address) => marks.top(`address ${plainAddress(address)}`)));
  const people = new Map<string, { key: string; names: Map<string, number>; addresses: Set<string> }>();
  for (const one of all) {
    const key = marks.top(addressOf(one));
    if (self.has(key)) continue;
    const person = people.get(key) ?? { key, names: new Map<string, number>(), addresses: new Set<string>() };
    person.names.set(one.name, (person.names.get(one.name) ?? 0) + 1);
    person.addresses.add(one.address);
    people.set(key, person);
  }
  const told = new Map(
    [...people].map(([key, { names, addresses }]): [string, Person] => {
      const [[name] = ['']] = [...names].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]));
      const least = [...addresses].sort();
      return [key, { key: least[0] ?? key, name: name || (least[0] ?? ''), addresses: least }];
    }),
  );
  return (row) => {
    const keys = new Set((asked.get(row) ?? []).map((one) => marks.top(addressOf(one))));
    return [...keys].flatMap((key) => told.get(key) ?? []);
  };
}
