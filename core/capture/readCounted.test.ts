import type { Counted } from '../model/day';
import { countIn, readCounted } from './readCounted';

const samples: Counted = { id: 's', name: 'Samples', kind: 'number', unit: 'samples', target: null };
const walk: Counted = { id: 'w', name: 'Walk', kind: 'minutes', unit: '', target: 30 };
const lunch: Counted = { id: 'l', name: 'Lunch out', kind: 'yesNo', unit: '', target: null };
const all = [samples, walk, lunch];

test('numbers of one’s own are read with their unit, as a length, or as yes and no', () => {
  expect(['12', '12,5', '14 samples', ' ', 'many'].map((typed) => readCounted(samples, typed))).toEqual([
    12,
    12.5,
    14,
    null,
    undefined,
  ]);
  expect(['45', '1h15', 'long'].map((typed) => readCounted(walk, typed))).toEqual([45, 75, undefined]);
  expect(['yes', 'N', 'perhaps'].map((typed) => readCounted(lunch, typed))).toEqual([1, 0, undefined]);
});

test('a line counts only when it is the name and a number and nothing else', () => {
  expect(countIn('samples 12', all)).toEqual({ of: 's', value: 12 });
  expect(countIn('Lunch out: yes', all)).toEqual({ of: 'l', value: 1 });
  expect(
    ['Samples to the lab', 'Samplesize 12', 'Walk', 'Call 12'].map((text) => countIn(text, all)),
  ).toEqual([undefined, undefined, undefined, undefined]);
});
