import * as fc from 'fast-check';
import { Collection } from './collection';
import { overlaps, type Span } from '../time/span';
import { nearby } from './nearby';

type Record = Span & { readonly id: string };
const HOUR = 3_600_000;
const inParts = (records: Record[]) =>
  Collection.of(({ from }) => `${Math.floor(from / HOUR / 720)}`, records);

const anyRecords = fc
  .array(fc.tuple(fc.integer({ min: -500, max: 500 }), fc.integer({ min: 1, max: 100 })), { maxLength: 30 })
  .map((list) =>
    list.map(([from, hours], i): Record => ({ id: `${i}`, from: from * HOUR, to: (from + hours) * HOUR })),
  );

test('a look-up by day finds exactly what overlaps the range, each record once, by start', () => {
  const find = nearby<Record>((record) => record);
  fc.assert(
    fc.property(
      anyRecords,
      fc.integer({ min: -500, max: 500 }),
      fc.integer({ min: 1, max: 200 }),
      (records, start, hours) => {
        const range = { from: start * HOUR, to: (start + hours) * HOUR };
        const found = find.in(inParts(records), range);
        const wanted = records.filter((record) => overlaps(record, range));
        expect(new Set(found)).toEqual(new Set(wanted));
        expect(found).toHaveLength(wanted.length);
        expect(found.map(({ from }) => from)).toEqual(wanted.map(({ from }) => from).sort((a, b) => a - b));
      },
    ),
  );
});

test('a collection is indexed once, however often it is asked', () => {
  let asked = 0;
  const find = nearby<Record>((record) => {
    asked += 1;
    return record;
  });
  const collection = inParts(
    Array.from({ length: 1000 }, (_, i) => ({
      id: `${i}`,
      from: i * 24 * HOUR,
      to: i * 24 * HOUR + HOUR,
    })),
  );
  find.in(collection, { from: 0, to: 24 * HOUR });
  const first = asked;
  find.in(collection, { from: 0, to: 24 * HOUR });
  expect(first).toBeGreaterThanOrEqual(1000);
  expect(asked - first).toBeLessThan(20);
});

test('what lasts for years is found as quickly and costs the index nothing', () => {
  const find = nearby<Record>((record) => record);
  const long = inParts([{ id: 'long', from: 0, to: 1_000_000 * 24 * HOUR }]);
  expect(find.in(long, { from: 5e12, to: 5e12 + HOUR })).toHaveLength(1);
  expect(find.parts(long, { from: -HOUR, to: 0 })).toEqual([]);
  expect(find.parts(long, { from: 5e12, to: 5e12 + HOUR })).toHaveLength(1);
});
