import * as fc from 'fast-check';
import { reader, told } from '../fixtures/quickReader';
import { changesOf } from './otherWords';
import { readLine } from './quickLine';

const read = (line: string) => readLine(line, reader).chips;
const offered = (line: string, kind: string) => {
  const chip = read(line).find((each) => each.kind === kind);
  return chip ? changesOf(line, chip, reader, read) : [];
};

test('a chip is changed to another of its kind, where its words stand', () => {
  const lines = offered('Call Ines Thu 14:30 for two hours in Grants', 'length').map(({ line }) => line);
  expect(lines).toEqual(
    ['15m', '30m', '45m', '1h', '1h30', '3h'].map((length) => `Call Ines Thu 14:30 ${length} in Grants`),
  );
  const days = offered('Call Ines Thu 14:30', 'when').map(({ chip }) => told(chip));
  expect(days).toHaveLength(8);
  expect(days.slice(0, 3)).toEqual([
    'when 2026-11-24 14:30',
    'when 2026-11-25 14:30',
    'when 2026-11-27 14:30',
  ]);
  expect(offered('Call Ines in Grants', 'list').map(({ chip }) => told(chip))).toEqual([
    'list Permits',
    'list Field surveys',
  ]);
  expect(offered('Papers before the Weir hearing', 'neededBy').map(({ line }) => line)).toEqual([
    'Papers before Team week',
  ]);
});

test('whatever a chip is changed to, its kind, the other chips and the title stay', () => {
  const parts = {
    when: ['tomorrow', 'Thu 14:30', '3 Dec'],
    length: ['45m', 'for two hours'],
    due: ['by Friday', 'by 2026-12-01 17:00'],
    notBefore: ['not before Mon'],
    priority: ['high priority'],
    energy: ['needs sharp hours'],
    list: ['in Grants'],
    category: ['category Writing'],
    neededBy: ['before the Weir hearing'],
  };
  const said = fc.record(
    Object.fromEntries(
      Object.entries(parts).map(([kind, words]) => [kind, fc.option(fc.constantFrom(...words))]),
    ),
  );
  fc.assert(
    fc.property(said, ({ ...given }) => {
      const line = ['Count the redds', ...Object.values(given).filter(Boolean)].join(', ');
      const { title, chips: all } = readLine(line, reader);
      const others = (chips: typeof all, kind: string) =>
        chips.filter((chip) => chip.kind !== kind).map(told);
      for (const chip of all) {
        const changes = changesOf(line, chip, reader, read);
        expect(changes.length).toBeGreaterThan(0);
        for (const change of changes) {
          const now = readLine(change.line, reader);
          expect(now.title).toBe(title);
          expect(others(now.chips, chip.kind)).toEqual(others(all, chip.kind));
        }
      }
    }),
    { numRuns: 25 },
  );
});
