import { assert, constantFrom, nat, property, string, tuple } from 'fast-check';
import { marking, marks, ticked, type Mark } from './marking';

/** A text with its selection between bars, before and after a mark. */
function after(mark: Mark, shown: string): string {
  const [before = '', selected = '', rest = ''] = shown.split('|');
  const text = before + selected + rest;
  const change = marking(mark, text, before.length, before.length + selected.length);
  const whole = text.slice(0, change.from) + change.text + text.slice(change.to);
  const [from, to] = change.selected;
  return `${whole.slice(0, from)}|${whole.slice(from, to)}|${whole.slice(to)}`;
}

test.each<[Mark, string, string]>([
  ['bold', 'Ring |the quarry| first', 'Ring **|the quarry|** first'],
  ['bold', 'Ring **|the quarry|** first', 'Ring |the quarry| first'],
  ['bold', '||', '**|bold|**'],
  ['heading', 'Before\nTo b|ri|ng\nAfter', 'Before\n## To bring||\nAfter'],
  ['heading', '## To bring||', 'To bring||'],
  ['list', '|waders\nnets|', '|- waders\n- nets|'],
  ['list', '|- waders\n- nets|', '|waders\nnets|'],
  ['checks', '- waders||', '- [ ] waders||'],
  ['list', '- [x] waders||', '- waders||'],
  ['link', 'See |the map|', 'See [the map](|https://|)'],
  ['link', 'See |https://example.org/map|', 'See [|link|](https://example.org/map)'],
])('%s: %j becomes %j', (mark, before, becomes) => expect(after(mark, before)).toBe(becomes));

test('a mark that is put on a line and taken off leaves the line', () => {
  const line = string({ maxLength: 30 }).filter((text) => !/[\n\r]|^\s*([#*+-]|$)/.test(text));
  assert(
    property(line, constantFrom<Mark>('heading', 'list', 'checks'), (text, mark) => {
      const on = marking(mark, text, 0, text.length);
      expect(marking(mark, on.text, 0, on.text.length).text).toBe(text);
    }),
  );
});

test('whatever is selected, what lies outside of it stays', () => {
  const selection = string({ maxLength: 40 }).chain((text) =>
    tuple(constantFrom(...marks), nat(text.length), nat(text.length)).map(([mark, a, b]) => ({
      text,
      mark,
      a,
      b,
    })),
  );
  assert(
    property(selection, ({ text, mark, a, b }) => {
      const [from, to] = [Math.min(a, b), Math.max(a, b)];
      const change = marking(mark, text, from, to);
      const size = text.length - (change.to - change.from) + change.text.length;
      expect(change.from >= 0 && change.from <= from && change.to >= to && change.to <= text.length).toBe(
        true,
      );
      expect(change.selected[0] <= change.selected[1] && change.selected[1] <= size).toBe(true);
    }),
  );
});

test('the box of an item is ticked and unticked, and nothing else', () => {
  const text = 'Bring\n- [ ] waders\n- [x] nets\n- map';
  expect(ticked(text, 6)).toBe('Bring\n- [x] waders\n- [x] nets\n- map');
  expect(ticked(text, 19)).toBe('Bring\n- [ ] waders\n- [ ] nets\n- map');
  expect(ticked(text, 30)).toBe(text);
});
