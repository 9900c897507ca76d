import { peopleText, readPeople } from './people';

test('people are read by their addresses, and stand in a field as they were typed', () => {
  const typed = 'Ines Ward <ines@trust.example>, bram@trust.example';
  const read = readPeople(typed, []);
  if (!('people' in read)) throw new Error(read.unread);
  expect(peopleText(read.people)).toBe(typed);
  expect(read.people[0]?.line).toBe('ATTENDEE;CN="Ines Ward":mailto:ines@trust.example');
});

test('who was there keeps what the file says of them, and who has no address is named', () => {
  const ines = {
    name: 'Ines',
    address: 'ines@trust.example',
    answer: 'yes' as const,
    line: 'ATTENDEE:mailto:x',
  };
  expect(readPeople('ines@trust.example', [ines])).toEqual({ people: [ines] });
  expect(readPeople('Ines Ward, bram@trust.example', [ines])).toEqual({ unread: 'Ines Ward' });
  expect(readPeople(' ', [ines])).toEqual({ people: [] });
});
