import * as fc from 'fast-check';
import { at, zone } from '../fixtures/make';
import { firstFrame } from '../model/firstFrame';
import { plainZone } from '../model/frame';
import { workspaceOf } from '../model/workspace';
import { headsOf } from './heads';

const times = (name: string, from: number, hours: number) => ({
  ...plainZone,
  id: name,
  name,
  kind: 'work' as const,
  days: [1, 2, 3, 4, 5],
  from: from * 60,
  minutes: hours * 60,
});
const base = workspaceOf({
  frames: [
    {
      ...firstFrame(),
      zones: [
        times('Fieldwork', 9, 5),
        times('Lunch', 12, 1),
        times('Meetings', 14, 2),
        times('Post', 16, 1),
      ],
    },
  ],
});
const span = (from: string, minutes: number) => ({ from: at(from), to: at(from) + minutes * 60_000 });
const namesOf = (...spans: (ReturnType<typeof span> | null)[]) =>
  headsOf(base, spans, zone).map(
    (head) => head && `${head.zone.name} ${(head.hours.from - at('00:00')) / 3_600_000}`,
  );

test('a block that reaches into the next zone stands under the one that it begins in', () => {
  expect(namesOf(span('14:00', 30), span('15:15', 90), span('15:30', 15), span('16:30', 15))).toEqual([
    'Meetings 14',
    undefined,
    undefined,
    'Post 16',
  ]);
});

test('a zone that another one breaks up heads each of its stretches, with the hours of that one', () => {
  expect(namesOf(span('09:00', 30), span('12:15', 15), span('13:15', 15))).toEqual([
    'Fieldwork 9',
    'Lunch 12',
    'Fieldwork 13',
  ]);
});

test('what has no hour has no head, and takes none from what comes after it', () => {
  expect(namesOf(null, span('09:00', 30), null, span('10:00', 30))).toEqual([
    undefined,
    'Fieldwork 9',
    undefined,
    undefined,
  ]);
});

test('heads stand in the order of their hours, each once and above what begins in it', () => {
  const starts = fc.array(fc.tuple(fc.integer({ min: 0, max: 1439 }), fc.integer({ min: 5, max: 600 })), {
    maxLength: 12,
  });
  fc.assert(
    fc.property(starts, (list) => {
      const spans = list
        .sort(([a], [b]) => a - b)
        .map(([from, minutes]) => ({
          from: at('00:00') + from * 60_000,
          to: at('00:00') + (from + minutes) * 60_000,
        }));
      const heads = headsOf(base, spans, zone);
      const hours = heads.flatMap((head) => (head ? [head.hours.from] : []));
      expect(hours).toEqual([...new Set(hours)].sort((a, b) => a - b));
      heads.forEach((head, i) =>
        expect(head === undefined || head.hours.from <= (spans[i]?.from ?? 0)).toBe(true),
      );
    }),
  );
});
