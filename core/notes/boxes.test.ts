import * as fc from 'fast-check';
import { boxesOf, withBoxes } from './boxes';

const note = '# Tuesday\n- [ ] call the lab\n- [x] order waders\n1. [ ] call the lab\n- not a box';

test('the boxes of a note say whether they are ticked, and can be ticked by what they say', () => {
  expect([...boxesOf(note)]).toEqual([
    ['call the lab', false],
    ['order waders', true],
  ]);
  expect(withBoxes(note, new Map([['call the lab', true]]))).toBe(
    '# Tuesday\n- [x] call the lab\n- [x] order waders\n1. [x] call the lab\n- not a box',
  );
});

test('any text stays as it is but for the boxes that are named', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 200 }), (text) => {
      expect(withBoxes(text, new Map())).toBe(text);
      const boxes = boxesOf(text);
      expect(boxesOf(withBoxes(text, boxes))).toEqual(boxes);
    }),
  );
});
