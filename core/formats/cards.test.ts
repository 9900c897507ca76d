import * as fc from 'fast-check';
import { NoCards, readCards, writeCards } from './cards';

const card = (...lines: string[]) => ['BEGIN:VCARD', 'VERSION:4.0', ...lines, 'END:VCARD', ''].join('\r\n');

test('names and addresses are read, of whichever version, and all else of a card goes out as it came', () => {
  const { cards, problems } = readCards(
    card(
      'UID:urn:uuid:1',
      'FN:Lena Fisk',
      'EMAIL;PREF=1:lena@fisk.example',
      'item1.EMAIL:l@home.example',
      'TEL:+1 902 555 0100',
      'NOTE:Eels\\, mostly',
    ) +
      card('N:Das;Arun;;Dr.;', 'EMAIL;TYPE=INTERNET:arun@pune.example').replace('4.0', '3.0') +
      card('FN;CHARSET=UTF-8;ENCODING=QUOTED-PRINTABLE:Zo=C3=AB Brandt').replace('4.0', '2.1'),
  );
  expect(problems).toEqual([]);
  expect(cards).toEqual([
    {
      uid: 'urn:uuid:1',
      name: 'Lena Fisk',
      addresses: ['lena@fisk.example', 'l@home.example'],
      kept: ['TEL:+1 902 555 0100', 'NOTE:Eels\\, mostly'],
    },
    { uid: null, name: 'Dr. Arun Das', addresses: ['arun@pune.example'], kept: ['N:Das;Arun;;Dr.;'] },
    { uid: null, name: 'Zoë Brandt', addresses: [], kept: [] },
  ]);
});

test('what is no card is refused; a card without a name is told by its line, and the others come in', () => {
  expect(() => readCards('BEGIN:VCALENDAR\nEND:VCALENDAR')).toThrow(NoCards);
  const { cards, problems } = readCards(
    card('TEL:1') + card('FN:Ines') + card('FN;ENCODING=QUOTED-PRINTABLE:=C3') + 'BEGIN:VCARD\r\nFN:Cut off',
  );
  expect(cards.map(({ name }) => name)).toEqual(['Ines', 'Cut off']);
  expect(problems.map(({ where }) => where)).toEqual([expect.any(Number), 1, 9]);
});

test('people who are written are read again as they were, whatever they are called', () => {
  const people = fc.array(
    fc.record({
      id: fc.uuid(),
      name: fc
        .string({ unit: 'grapheme', minLength: 1, maxLength: 60 })
        .map((name) => name.replace(/\s+/g, ' ').trim() || 'x'),
      addresses: fc.uniqueArray(fc.emailAddress(), { maxLength: 3 }),
      kept: fc.constantFrom<string[]>([], ['TEL:+44 1632 960001'], ['ORG:River trust;Office', 'X-GAUGE:41']),
    }),
    { minLength: 1 },
  );
  fc.assert(
    fc.property(people, (all) => {
      const { cards, problems } = readCards(writeCards(all));
      expect(problems).toEqual([]);
      expect(cards).toEqual(all.map(({ id, ...person }) => ({ ...person, uid: id })));
    }),
  );
});
