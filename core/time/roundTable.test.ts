import * as fc from 'fast-check';
import { roundTable } from './roundTable';

const sum = (numbers: readonly number[]) => numbers.reduce((total, number) => total + number, 0);
const across = (table: readonly (readonly number[])[]) => table.map(sum);
const downward = (table: readonly (readonly number[])[]) =>
  (table[0] ?? []).map((_, j) => sum(table.map((row) => row[j] ?? 0)));

test('each number and the sum of each row and column are within one step, and the sum of all is the rounded one', () => {
  const size = fc.integer({ min: 1, max: 9 });
  const tables = fc.tuple(size, size).chain(([rows, columns]) =>
    fc.array(fc.array(fc.nat(500), { minLength: columns, maxLength: columns }), {
      minLength: rows,
      maxLength: rows,
    }),
  );
  fc.assert(
    fc.property(tables, fc.constantFrom(1, 5, 6, 10, 15, 30), (table, step) => {
      const rounded = roundTable(table, step);
      const near = (a: readonly number[], b: readonly number[]) =>
        a.forEach((number, i) => expect(Math.abs(number - (b[i] ?? 0))).toBeLessThan(step));
      near(rounded.flat(), table.flat());
      near(across(rounded), across(table));
      near(downward(rounded), downward(table));
      expect(rounded.flat().every((number) => number % step === 0)).toBe(true);
      expect(sum(rounded.flat())).toBe(Math.round(sum(table.flat()) / step) * step);
    }),
    { numRuns: 300 },
  );
});

test('three times seven minutes are twenty, not fifteen', () => {
  expect(roundTable([[7, 7, 7]], 5)).toEqual([[10, 5, 5]]);
});
