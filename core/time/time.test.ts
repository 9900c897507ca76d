import * as fc from 'fast-check';
import { intersect, minutesOf, subtract, union, type Span } from './span';
import { readDuration } from '../capture/readDuration';
import { readTime } from '../capture/readTime';
import { durationWords, timeWords } from './words';
import { dayOf, instantOf, wallOf } from './zone';

const spans = fc.array(
  fc
    .tuple(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 0, max: 60 }))
    .map(([from, length]): Span => ({ from, to: from + length })),
  { maxLength: 12 },
);
const covered = (list: readonly Span[]) =>
  new Set(list.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, i) => from + i)));

describe('spans', () => {
  test('cover exactly the moments that the set operations say', () => {
    fc.assert(
      fc.property(spans, spans, (a, b) => {
        const [inA, inB] = [covered(a), covered(b)];
        expect(covered(subtract(a, b))).toEqual(
          new Set([...inA].filter((t) => !inB.has(t)).sort((x, y) => x - y)),
        );
        expect(covered(intersect(a, b))).toEqual(
          new Set([...inA].filter((t) => inB.has(t)).sort((x, y) => x - y)),
        );
        expect(covered(union([...a, ...b])).size).toBe(new Set([...inA, ...inB]).size);
      }),
    );
  });

  test('come out in order, none empty, none overlapping', () => {
    fc.assert(
      fc.property(spans, spans, (a, b) => {
        for (const list of [union(a), subtract(a, b), intersect(a, b)]) {
          list.forEach((span, i) => {
            expect(span.to).toBeGreaterThan(span.from);
            expect(span.from).toBeGreaterThanOrEqual(list[i - 1]?.to ?? 0);
          });
        }
      }),
    );
  });

  test('that overlap count once in minutes', () => {
    expect(
      minutesOf([
        { from: 0, to: 600_000 },
        { from: 300_000, to: 900_000 },
      ]),
    ).toBe(15);
  });
});

describe('lengths as people type them', () => {
  test.each([
    ['90', 90],
    ['1h30', 90],
    ['1:30', 90],
    ['45m', 45],
    ['1.5h', 90],
    ['1,5 h', 90],
    ['2 h', 120],
    ['1 h 05', 65],
    ['.5h', 30],
    ['20 min', 20],
    ['3 hours', 180],
  ])('%s is %i minutes', (typed, minutes) => expect(readDuration(typed)).toBe(minutes));

  test.each(['', 'soon', '0', '-5', '1:75', '1h30h', '9999h', '1.5.5h'])('“%s” is none', (typed) =>
    expect(readDuration(typed)).toBeUndefined(),
  );

  test('are read back from the words they are shown in', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6000 }),
        (minutes) => readDuration(durationWords(minutes)) === minutes,
      ),
    );
  });
});

describe('clock times', () => {
  test.each([
    ['9', '09:00'],
    ['9:30', '09:30'],
    ['0930', '09:30'],
    ['2pm', '14:00'],
    ['12am', '00:00'],
    ['12:15 pm', '12:15'],
    ['14.30', '14:30'],
  ])('%s is %s', (typed, time) => expect(readTime(typed)).toBe(time));
  test.each(['25:00', '24', '13pm', '9:75', 'noon-ish', ''])('“%s” is none', (typed) =>
    expect(readTime(typed)).toBeUndefined(),
  );
  test('read in 12 or 24 hours', () => {
    expect([timeWords('13:05', 24), timeWords('13:05', 12), timeWords('00:10', 12)]).toEqual([
      '13:05',
      '1:05 pm',
      '12:10 am',
    ]);
  });
});

test('days have 23 and 25 hours when the clocks change', () => {
  expect(minutesOf([dayOf('2026-03-29', 'Europe/London')])).toBe(23 * 60);
  expect(minutesOf([dayOf('2026-10-25', 'Europe/London')])).toBe(25 * 60);
});

test('an hour that a clock change skips moves on by the gap', () => {
  expect(wallOf(instantOf('2026-03-29T01:30', 'Europe/London'), 'Europe/London')).toBe('2026-03-29T02:30:00');
});
