import { bringPeople, forgetPerson, joinPeople, keepPerson } from '../commands/people';
import { meeting, task } from '../fixtures/make';
import type { Attendee } from '../model/event';
import type { Person } from '../model/person';
import { workspaceOf } from '../model/workspace';
import { knownPeople } from './known';

const asked = (name: string, address: string, answer: Attendee['answer'] = 'yes'): Attendee => ({
  ...{ name, address, answer },
  line: '',
});
const person = (id: string, name: string, addresses: string[]): Person => ({ id, name, addresses, kept: [] });

const office = workspaceOf({
  events: [
    meeting('round', '10:00', 60, {
      attendees: [asked('Ines Ward', 'ines@trust.example'), asked('Petra', 'petra@trust.example')],
    }),
    meeting('two', '12:00', 30, { attendees: [asked('I. Ward', 'ines@home.example')] }),
    meeting('call', '14:00', 30, { attendees: [asked('Bram', 'bram@trust.example', 'no')] }),
  ],
  tasks: [task('permit')],
  messages: [
    {
      ...{
        id: 'm',
        taskId: 'permit',
        subject: 'Permit',
        sentAt: null,
        text: '',
        html: null,
        attachments: [],
      },
      from: 'Lena Fisk <lena@county.example>',
    },
  ],
});
const ofPetra = { ...office, settings: { ...office.settings, addresses: ['petra@trust.example'] } };
const names = (workspace: typeof office) =>
  knownPeople(workspace)
    .all.map(({ name }) => name)
    .sort();

test('people are known from meetings that they have not declined, and from messages; oneself is not', () => {
  expect(names(ofPetra)).toEqual(['I. Ward', 'Ines Ward', 'Lena Fisk']);
  expect(knownPeople(ofPetra).by('LENA@county.example')?.name).toBe('Lena Fisk');
  expect(knownPeople(ofPetra).by('petra@trust.example')).toBeUndefined();
});

test('two that are joined are one wherever they are met, until they are forgotten', () => {
  const ines = person('p', 'Ines', ['ines@trust.example', 'ines@home.example']);
  const one = keepPerson.apply(ofPetra, { person: ines });
  expect(names(one)).toEqual(['Ines', 'Lena Fisk']);
  expect(knownPeople(one).by('ines@home.example')).toMatchObject({ name: 'Ines', times: 2, stored: ines });
  expect(names(forgetPerson.apply(one, { id: 'p' }))).toEqual(names(ofPetra));
});

test('joining takes over the addresses of those that go', () => {
  const both = workspaceOf({
    persons: [person('a', 'Ines', ['a@x.example']), person('b', 'I. W.', ['b@x.example', 'A@x.example'])],
  });
  const after = joinPeople.apply(both, { person: person('a', 'Ines', ['a@x.example']), others: ['b'] });
  expect(after.persons.values()).toEqual([person('a', 'Ines', ['A@x.example', 'b@x.example'])]);
});

test('cards find those who are known by UID or address, and change nothing the second time', () => {
  const known = workspaceOf({ persons: [person('p', 'Ines', ['ines@trust.example'])] });
  const cards = [
    {
      id: 'new-1',
      uid: null,
      name: 'Ines Ward',
      addresses: ['INES@trust.example', 'ines@home.example'],
      kept: ['TEL:1'],
    },
    { id: 'new-2', uid: 'card-2', name: 'Arun Das', addresses: [], kept: [] },
  ];
  const once = bringPeople.apply(known, { cards });
  expect(once.persons.values()).toEqual([
    { ...person('p', 'Ines Ward', ['INES@trust.example', 'ines@home.example']), kept: ['TEL:1'] },
    person('card-2', 'Arun Das', []),
  ]);
  const again = bringPeople.apply(once, {
    cards: cards.map((card) => ({ ...card, id: `${card.id}-again` })),
  });
  expect(again.persons).toBe(once.persons);
});
