import * as fc from 'fast-check';
import type { Subject, TimeEntry } from '../model/plan';
import { workspaceOf } from '../model/workspace';
import { MINUTE, intersect, minutesOf, subtract, type Span } from '../time/span';
import { doubled, painted } from './mend';
import { subjectKey } from './spent';

const day = Date.UTC(2026, 10, 24);
const minute = (at: number) => day + at * MINUTE;
const subjects: Subject[] = ['a', 'b', 'c'].map((taskId) => ({ kind: 'task', taskId }));
const spans = fc
  .tuple(fc.integer({ min: 0, max: 1400 }), fc.integer({ min: 1, max: 1600 }))
  .map(([from, minutes]): Span => ({ from: minute(from), to: minute(from + minutes) }));
const entries = fc
  .array(fc.tuple(spans, fc.constantFrom(...subjects)), { maxLength: 8 })
  .map((list) => list.map(([span, subject], i): TimeEntry => ({ id: `e${i}`, subject, ...span })));

let made = 0;
const paint = (list: readonly TimeEntry[], span: Span, subject: Subject | null) => {
  const before = workspaceOf({ entries: list }).entries;
  const { put, gone } = painted(before, span, subject, () => `n${(made += 1)}`);
  return [...before.with([...put], [...gone]).values()];
};

/** The stretches of a thing, as one likes to compare them. */
const of = (list: readonly TimeEntry[], subject: Subject, within: readonly Span[]) =>
  intersect(
    list
      .filter((entry) => subjectKey(entry.subject) === subjectKey(subject))
      .map(({ from, to }) => ({ from, to: to ?? from })),
    within,
  );

test('whatever was recorded, a mended stretch goes to one thing, and nothing outside it changes', () => {
  const everything = [{ from: minute(-5000), to: minute(5000) }];
  fc.assert(
    fc.property(entries, spans, fc.option(fc.constantFrom(...subjects)), (list, span, subject) => {
      const after = paint(list, span, subject);
      for (const one of subjects) {
        const inside = minutesOf(of(after, one, [span]));
        expect(inside).toBe(one === subject ? minutesOf([span]) : 0);
        const outside = subtract(everything, [span]);
        expect(of(after, one, outside)).toEqual(of(list, one, outside));
      }
      expect(intersect(doubled(after.map(({ from, to }) => ({ from, to: to ?? from }))), [span])).toEqual([]);
    }),
  );
});

test('a day that is mended stretch by stretch is a partition', () => {
  fc.assert(
    fc.property(
      entries,
      fc.array(fc.constantFrom(...subjects), { minLength: 4, maxLength: 4 }),
      (list, parts) => {
        const after = parts.reduce(
          (before, subject, i) =>
            paint(before, { from: minute(i * 360), to: minute((i + 1) * 360) }, subject),
          list,
        );
        const own = [{ from: minute(0), to: minute(1440) }];
        const within = after.flatMap(({ from, to }) => intersect([{ from, to: to ?? from }], own));
        expect(doubled(within)).toEqual([]);
        expect(minutesOf(within)).toBe(1440);
      },
    ),
  );
});

test('what of the same thing touches the stretch becomes one entry, and only what changed is marked', () => {
  const [a, b] = subjects as [Subject, Subject];
  const list: TimeEntry[] = [
    { id: 'x', subject: a, from: minute(0), to: minute(60) },
    { id: 'y', subject: b, from: minute(90), to: minute(120) },
  ];
  expect(paint(list, { from: minute(60), to: minute(90) }, a)).toEqual([
    { id: 'x', subject: a, from: minute(0), to: minute(90), mended: true },
    list[1],
  ]);
});
