import { plainDay } from '../model/day';
import { workspaceOf } from '../model/workspace';
import { firstWords } from './firstWords';
import { earlierNotes } from './leafing';

test('a note is told by its first line that says something, without its marks', () => {
  expect(firstWords('\n## Rain **all** day\nmore')).toBe('Rain all day');
  expect(firstWords('- [ ] call the lab')).toBe('call the lab');
  expect(firstWords('1. first')).toBe('first');
  expect(firstWords('***\n> quoted')).toBe('quoted');
  expect(firstWords('  \n')).toBe('');
  expect(firstWords('x'.repeat(500))).toHaveLength(120);
});

test('one leafs back to the day before, the same weekday of the last weeks, and a year ago', () => {
  const noted = (id: string, note: string) => ({ ...plainDay(id), note });
  const workspace = workspaceOf({
    days: [
      noted('2026-11-23', 'Monday'),
      noted('2026-11-22', 'Sunday'),
      noted('2026-11-17', 'a week before'),
      noted('2026-11-10', ''),
      noted('2026-10-27', 'four weeks before'),
      noted('2025-11-24', 'a year before'),
    ],
  });
  expect(earlierNotes(workspace, '2026-11-24').map(({ text }) => text)).toEqual([
    'Monday',
    'a week before',
    'four weeks before',
    'a year before',
  ]);
  expect(earlierNotes(workspace, '2024-02-29')).toEqual([]);
});
