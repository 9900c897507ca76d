import { joined } from './joined';
import { readGuests } from './guests';

const known = joined(
  [],
  [
    { name: 'Tomas Brandt', address: 'tomas@trust.example', times: 3 },
    { name: 'Tomas Holm', address: 'holm@trust.example', times: 1 },
    { name: 'Mina Aucoin', address: 'mina@river.example', times: 2 },
  ],
  [],
).all;
const addresses = (typed: string) => {
  const read = readGuests(typed, known);
  return 'guests' in read ? read.guests.map(({ address }) => address) : read.unread;
};

test('people are invited by address, or by a name that is one person’s alone', () => {
  expect(addresses('Tomas Brandt, mina, Arun <arun@x.example>')).toEqual([
    'tomas@trust.example',
    'mina@river.example',
    'arun@x.example',
  ]);
  expect(addresses('Tomas')).toBe('Tomas');
  expect(addresses('somebody')).toBe('somebody');
  expect(addresses('mina@river.example, MINA@river.example, ')).toEqual(['MINA@river.example']);
});
