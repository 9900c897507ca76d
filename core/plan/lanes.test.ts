import * as fc from 'fast-check';
import { overlaps } from '../time/span';
import { shareWidth, withCrowds } from './lanes';

const anySpans = fc.array(
  fc
    .tuple(fc.nat(100), fc.integer({ min: 1, max: 40 }))
    .map(([from, length]) => ({ from, to: from + length })),
  { maxLength: 45 },
);

test('with a crowd nothing is lost, nothing overlaps, and no more than the given number stand side by side', () => {
  fc.assert(
    fc.property(anySpans, fc.integer({ min: 2, max: 6 }), (spans, most) => {
      const { cards, crowds } = withCrowds(shareWidth(spans), most);
      const shown = [...cards.map(({ item }) => item), ...crowds.flatMap(({ items }) => items)];
      expect(new Set(shown)).toEqual(new Set(spans));
      expect(shown).toHaveLength(spans.length);
      const boxes = [
        ...cards.map(({ item, lane, lanes }) => ({
          span: item,
          left: lane / lanes,
          right: (lane + 1) / lanes,
        })),
        ...crowds.map((crowd) => ({
          span: crowd,
          left: crowd.lane / crowd.lanes,
          right: (crowd.lane + 1) / crowd.lanes,
        })),
      ];
      for (const [i, each] of boxes.entries()) {
        expect(each.right - each.left).toBeGreaterThanOrEqual(1 / most - 1e-9);
        for (const other of boxes.slice(i + 1)) {
          const beside = each.right <= other.left + 1e-9 || other.right <= each.left + 1e-9;
          expect(beside || !overlaps(each.span, other.span)).toBe(true);
        }
      }
    }),
  );
});

test('forty at once are three and a crowd of 37', () => {
  const forty = Array.from({ length: 40 }, () => ({ from: 0, to: 60 }));
  const { cards, crowds } = withCrowds(shareWidth(forty), 4);
  expect([cards.length, crowds.map(({ items }) => items.length)]).toEqual([3, [37]]);
});
