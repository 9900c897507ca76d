import { linesOf } from './manyLines';

test('each line of a text is one, without the marks of its list; what is ticked off stays out', () => {
  const text =
    'Call the council\r\n\r\n- Order jars 20m\n* [ ] Sort samples\n- [x] Done before\n  2. Print the map\n3 growers to call\n\t';
  expect(linesOf(text)).toEqual([
    'Call the council',
    'Order jars 20m',
    'Sort samples',
    'Print the map',
    '3 growers to call',
  ]);
  expect(linesOf(' \n - \n')).toEqual([]);
});
