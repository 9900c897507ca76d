import { halves } from '../fixtures/lines';
import { scoreOf } from '../fixtures/lineScore';
import { reader, understood } from '../fixtures/quickReader';
import { readLine } from './quickLine';

test('lines as people type them are read as a careful person reads them', () => {
  const { built } = halves;
  const right = built.filter(([line, meaning, locale]) => scoreOf(line, meaning, locale).result === 'right');
  expect(right.length / built.length).toBeGreaterThanOrEqual(0.95);
});

test.each([
  ['Otter walk half thirteen', []],
  ['Otter walk every 2nd Tue except Dec', ['except Dec']],
  ['Otter walk every fifth blue Tuesday', ['Tuesday']],
  ['Otter walk 2h of it', ['2h']],
  ['Read chapter 7', []],
  ['Otter walk 31 Feb', ['31 Feb']],
])('of “%s” what looks like a time and was not read is told: %j', (line, unread) => {
  expect(readLine(line, reader).unread).toEqual(unread);
});

test('a day and an hour that stand apart are one moment, and each can be taken back', () => {
  const line = 'at 3pm collect the nets on Friday';
  const { title, chips } = readLine(line, reader);
  expect(title).toBe('collect the nets');
  expect(chips.map(({ kind, value }) => [kind, value])).toEqual([
    ['hour', '15:00'],
    ['when', { date: '2026-11-27', time: '15:00' }],
  ]);
  const [, friday] = chips;
  expect(readLine(line, reader, [friday?.from ?? 0]).chips).toMatchObject([
    { kind: 'when', value: { date: '2026-11-24', time: '15:00' } },
  ]);
});

test('hours without a half follow the hours of the day: who is up at five means the morning by six', () => {
  expect(understood('Count the eels tomorrow at 6')).toContain('2026-11-25 18:00');
  const early = {
    ...reader,
    hours: { up: '05:00', bed: '21:00', begin: '06:00', end: '14:00', lunch: '11:30' },
  };
  expect(understood('Count the eels tomorrow at 6', early)).toContain('2026-11-25 06:00');
  expect(understood('Count the eels first thing on Friday', early)).toContain('2026-11-27 06:00');
  expect(understood('Send the counts by end of day', early)).toContain('due 2026-11-24 14:00');
});
