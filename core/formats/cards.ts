import ICAL from 'ical.js';
import { bounds, shortened } from '../model/bounds';
import { issueWords } from '../model/common';
import { Person } from '../model/person';
import { components, linesOf, unfold, type Component, type ContentLine, type Problem } from './contentLines';
import { escaped, folded } from './writeLine';

/** Somebody as a card tells them; the id is that of the card, if it has one. */
export type Card = Omit<Person, 'id' | 'changedAt'> & { readonly uid: string | null };

export type Cards = { readonly cards: readonly Card[]; readonly problems: readonly Problem[] };

/** The file has no card in it. */
export class NoCards extends Error {}

/** What is understood of a card; all else is kept as it came. */
const UNDERSTOOD = ['VERSION', 'FN', 'EMAIL', 'UID', 'PRODID', 'REV'];

/** The name of a property, without the group that it may be in (`item1.EMAIL`). */
const nameOf = ({ text }: ContentLine): string =>
  (/^(?:[\w-]+\.)?([\w-]+)/.exec(text)?.[1] ?? '').toUpperCase();

/** The first text of a property, whatever its parameters; quoted-printable, as vCard 2.1 has it, is unpacked. */
function textOf({ text }: ContentLine): string {
  const [, head = '', raw = ''] = /^((?:"[^"]*"|[^":])*):(.*)$/s.exec(text) ?? [];
  if (/QUOTED-PRINTABLE/i.test(head)) {
    const bytes = raw.replace(/%/g, '%25').replace(/=([0-9A-F]{2})/gi, '%$1');
    return decodeURIComponent(bytes).trim();
  }
  // ical.js types jCard as any[]: name, parameters, type, values (RFC 7095)
  const [, , , first] = ICAL.parse.property(`X-TEXT:${raw}`, ICAL.design.vcard) as unknown[];
  return String(Array.isArray(first) ? first.join(' ') : first)
    .replace(/\\([,;nN\\])/g, (_, sign: string) => (/n/i.test(sign) ? '\n' : sign))
    .trim();
}

/** A name out of its parts: family; given; additional; before; after (RFC 6350 6.2.2). */
const nameOfParts = (line: ContentLine): string => {
  const [family = '', given = '', more = '', before = '', after = ''] = textOf({
    ...line,
    text: line.text.replace(/;(?=[^:]*$)/g, '\u0001'),
  }).split('\u0001');
  return [before, given, more, family, after].filter(Boolean).join(' ');
};

function readCard(card: Component): Card | Problem {
  const of = (name: string) => card.lines.filter((line) => nameOf(line) === name);
  const [full] = of('FN').map(textOf).filter(Boolean);
  const [parts] = of('N').map(nameOfParts).filter(Boolean);
  const addresses = of('EMAIL')
    .map(textOf)
    .filter((address) => /^\S+@\S+$/.test(address));
  const name = full || parts || addresses[0];
  const problem = (what: string): Problem => ({ where: card.line, what, hint: 'The card was left out.' });
  if (!name) return problem('The card tells neither a name nor an address');
  const read = Person.safeParse({
    id: 'card',
    name: shortened(name, bounds.title),
    addresses: [...new Set(addresses)],
    kept: [
      ...card.lines.filter((line) => !UNDERSTOOD.includes(nameOf(line))).map(({ text }) => text),
      ...card.parts.flatMap(linesOf),
    ],
  });
  if (!read.success) return problem(`The card of ${name} has a wrong value (${issueWords(read.error)})`);
  const { id: _, ...told } = read.data;
  return { ...told, uid: of('UID').map(textOf)[0]?.slice(0, bounds.uid) || null };
}

const unforeseen = (card: Component, error: unknown): Problem => ({
  where: card.line,
  what: `The card cannot be read (${error instanceof Error ? error.message : 'unknown'})`,
  hint: 'It was left out.',
});

/**
 * Reads cards (vCard 4.0, RFC 6350; 3.0 and 2.1 as far as they are alike): names and addresses; all else of them is kept. A card
 * that cannot be read is named by its line, and the others come in. Throws NoCards.
 */
export function readCards(text: string): Cards {
  const { roots, problems } = components(unfold(text));
  const found = roots.filter(({ name }) => name === 'VCARD');
  if (found.length === 0) throw new NoCards('This is no file of cards: it has no line “BEGIN:VCARD”.');
  const read = found.map((card): Card | Problem => {
    try {
      return readCard(card);
    } catch (error) {
      return unforeseen(card, error);
    }
  });
  const isCard = (one: Card | Problem): one is Card => 'addresses' in one;
  return {
    cards: read.filter(isCard),
    problems: [...problems, ...read.filter((one): one is Problem => !isCard(one))],
  };
}

/** People as a file of cards (vCard 4.0, RFC 6350), with what came with cards of theirs. */
export const writeCards = (people: readonly Pick<Person, 'id' | 'name' | 'addresses' | 'kept'>[]): string =>
  people
    .flatMap(({ id, name, addresses, kept }) => [
      'BEGIN:VCARD',
      'VERSION:4.0',
      `UID:${escaped(id)}`,
      `FN:${escaped(name)}`,
      ...addresses.map((address) => `EMAIL:${escaped(address)}`),
      ...kept,
      'END:VCARD',
    ])
    // a line break within a value that came from elsewhere would begin a line of its own
    .map((line) => `${folded(line.replace(/[\r\n]+/g, ' '))}\r\n`)
    .join('');
