import { reader, told } from '../fixtures/quickReader';
import { meaningOfHeading, readUnder } from './headings';

test.each([
  ['permits', 'list'],
  ['Thursday 3 December', 'day'],
  ['Tomorrow', 'day'],
  ['Trip to the estuary', 'newList'],
  ['Trip on Thursday', 'newList'],
  ['2 hours', 'newList'],
])('the heading “%s” means a %s', (heading, kind) => {
  expect(meaningOfHeading(heading, reader).kind).toBe(kind);
});

test.each([
  ['ring Ola', ['when 2026-12-03']],
  ['ring Ola at 15:00', ['when 2026-12-03 15:00']],
  ['ring Ola on Friday', ['when 2026-11-27']],
  ['ring Ola by Monday', ['due 2026-11-30']],
  ['ring Ola 20m', ['length 20 min', 'when 2026-12-03']],
])('“%s” below “Thursday 3 December” is understood as %j', (line, chips) => {
  const { alone, under } = readUnder({ line, steps: [], notes: '', heading: 'Thursday 3 December' }, reader);
  expect(under.chips.map(told)).toEqual(chips);
  expect([alone.title, under.title]).toEqual(['ring Ola', 'ring Ola']);
});
