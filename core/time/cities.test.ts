import { instantOf } from './zone';
import { aheadWords, cityOf, findCities } from './cities';

const zoneOf = (typed: string) => findCities(typed)[0]?.zone;

test('a city is found by its name, by how it begins, without accents, or by its country', () => {
  expect(zoneOf('Osaka')).toBe('Asia/Tokyo');
  expect(zoneOf('new yo')).toBe('America/New_York');
  expect(zoneOf('sao paulo')).toBe('America/Sao_Paulo');
  expect(zoneOf('Nepal')).toBe('Asia/Kathmandu');
  expect(findCities('x')).toEqual([]);
  expect(findCities('Nowhereville')).toEqual([]);
});

test('a zone is called by its city, and its distance follows the clock changes of both', () => {
  expect(cityOf('Asia/Tokyo')).toBe('Tokyo');
  const between = (day: string) => aheadWords('America/New_York', 'Europe/London', instantOf(day, 'UTC'));
  expect(between('2026-03-01')).toBe('5 h behind');
  expect(between('2026-03-15')).toBe('4 h behind'); // clocks went forward there on 8 March, here on the 29th
  expect(aheadWords('Asia/Kathmandu', 'Europe/London', instantOf('2026-11-24', 'UTC'))).toBe('5 h 45 ahead');
});
