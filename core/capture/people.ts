import type { Attendee } from '../model/event';

/** People as a field shows them: `Ines Ward <ines@trust.example>, bram@trust.example`. */
export const peopleText = (people: readonly Attendee[]): string =>
  people.map(({ name, address }) => (name === address ? address : `${name} <${address}>`)).join(', ');

const ONE = /^(?:(.*?)\s*<\s*)?([^\s<>@,;:"]+@[^\s<>@,;:"]+)\s*>?$/;

/**
 * People as they are typed, by commas; who was among `known` stays as they were. What has no address is given back as it was
 * typed: a calendar file asks people by their addresses (RFC 5545 3.8.4.1).
 */
export function readPeople(
  typed: string,
  known: readonly Attendee[],
): { readonly people: Attendee[] } | { readonly unread: string } {
  const people: Attendee[] = [];
  for (const part of typed.split(/[,;\n]/).map((one) => one.trim())) {
    if (part === '') continue;
    const [, name = '', address] = ONE.exec(part) ?? [];
    if (address === undefined) return { unread: part };
    people.push(known.find((one) => one.address === address) ?? asked(name || address, address));
  }
  return { people };
}

// a quoted value cannot hold quotes (RFC 5545 3.1)
const asked = (name: string, address: string): Attendee => ({
  name,
  address,
  answer: 'none',
  line: `ATTENDEE;CN="${name.replaceAll('"', '’')}":mailto:${address}`,
});
