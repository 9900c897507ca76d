import * as fc from 'fast-check';
import { Collection, changedParts, derivedByPart, groupedBy } from './collection';

type Sample = { readonly id: string; readonly place: string; readonly size: number };
const anySample = fc.record({
  id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
  place: fc.constantFrom('weir', 'ford', 'mill'),
  size: fc.nat(9),
});
const anyStep = fc.tuple(
  fc.array(anySample, { maxLength: 4 }),
  fc.array(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { maxLength: 2 }),
);
const byPlace = ({ place }: Sample) => place;
const sorted = (records: readonly Sample[]) => [...records].sort((a, b) => a.id.localeCompare(b.id));

test('a collection holds one record of each id, wherever it lies and however it came there', () => {
  fc.assert(
    fc.property(fc.array(anyStep, { maxLength: 8 }), (steps) => {
      const plain = new Map<string, Sample>();
      let collection = Collection.of(byPlace);
      for (const [records, gone] of steps) {
        for (const id of gone) plain.delete(id);
        for (const record of records) plain.set(record.id, record);
        collection = collection.with(records, gone);
        expect(sorted(collection.values())).toEqual(sorted([...plain.values()]));
        expect(collection.size).toBe(plain.size);
        for (const id of 'abcde') expect(collection.get(id)).toBe(plain.get(id));
        for (const [name, part] of collection.parts) {
          expect(part.size).toBeGreaterThan(0);
          expect([...part.values()].every(({ place }) => place === name)).toBe(true);
        }
      }
    }),
  );
});

test('a change copies only the parts it touches, and only those are derived anew', () => {
  let computed = 0;
  const total = derivedByPart<Sample, number>((samples) => {
    computed += 1;
    return [...samples].reduce((sum, { size }) => sum + size, 0);
  });
  const before = Collection.of(byPlace, [
    { id: 'a', place: 'weir', size: 1 },
    { id: 'b', place: 'ford', size: 2 },
    { id: 'c', place: 'mill', size: 4 },
  ]);
  expect(total(before).sort()).toEqual([1, 2, 4]);
  const after = before.with([{ id: 'a', place: 'ford', size: 1 }]);
  expect(changedParts(before, after)).toEqual(['weir', 'ford']);
  expect(total(after).sort()).toEqual([3, 4]);
  expect(computed).toBe(4);
  expect(before.with([])).toBe(before);
  expect(groupedBy(byPlace)(after, 'ford').map(({ id }) => id)).toEqual(['b', 'a']);
});
