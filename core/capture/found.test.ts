import { at, zone } from '../fixtures/make';
import { readChange } from './readChange';
import { findDuration } from './readDuration';
import { findMoment } from './readMoment';

const now = at('11:20');
const stood = (text: string, found: { from: number; to: number } | undefined) =>
  found && text.slice(found.from, found.to);

test.each([
  ['Read the gauges fri 14:00 1h', 'fri 14:00', '2026-11-27', '14:00'],
  ['tomorrow: order nets', 'tomorrow', '2026-11-25', null],
  ['Letter to the weir owner by 27 Nov', '27 Nov', '2026-11-27', null],
])('in “%s” the day is “%s”', (text, words, day, time) => {
  const found = findMoment(text, now, zone);
  expect([stood(text, found), found?.value]).toEqual([words, { date: day, time }]);
});

test.each([
  ['Read the gauges fri 14:00 1h', '1h', 60],
  ['Sort 3 boxes 1 h 30 min', '1 h 30 min', 90],
  ['Count trout 45m at reach 2', '45m', 45],
  ['Survey 2h, then report 1.5h', '1.5h', 90],
])('in “%s” the length is “%s”', (text, words, minutes) => {
  const found = findDuration(text);
  expect([stood(text, found), found?.value]).toEqual([words, minutes]);
});

test.each(['Sort 3 boxes', 'Reach 4 mapping', 'Meet at 14:00', '3rd hour'])('“%s” has no length', (text) =>
  expect(findDuration(text)).toBeUndefined(),
);

test('a change of hours tells which words were its start and which its length', () => {
  const text = ' fri 14:30  2h ';
  const change = readChange(text, { start: at('10:00'), minutes: 30 }, now, zone);
  expect([stood(text, change?.startAt), stood(text, change?.lengthAt)]).toEqual(['fri 14:30', '2h']);
  const longer = readChange('+30m', { start: at('10:00'), minutes: 30 }, now, zone);
  expect(longer).toMatchObject({ minutes: 60, lengthAt: { from: 0, to: 4 } });
});
