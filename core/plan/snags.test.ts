import * as fc from 'fast-check';
import { placeTask } from '../commands/plan';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { dayPlan } from './dayPlan';
import { snagWords } from './findingWords';
import { snagsOn } from './snags';
import { timedThings } from './things';

const contents = {
  tasks: [task('Report')],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern' as const, kept: [] }],
};

/** What is said of a day with some blocks and meetings: `12:00 5 h 30 on end without a break`. */
function said(blocks: [string, number][], meetings: [string, number, string][] = []): string[] {
  const events = meetings.map(([from, minutes, location], i) =>
    meeting(`m${i}`, from, minutes, { location }),
  );
  const planned = blocks.reduce(
    (workspace, [start, minutes], i) =>
      placeTask.apply(workspace, { id: `b${i}`, taskId: 'Report', start: at(start), minutes }),
    workspaceOf({ ...contents, events }),
  );
  const snags = snagsOn(timedThings(dayPlan(planned, date, zone), planned));
  return [...snags].flatMap(([{ from }, list]) =>
    list.map((one) => `${new Date(from).toISOString().slice(11, 16)} ${snagWords(one)}`),
  );
}

test('five hours on end are said where they are reached, and again after a break', () => {
  expect(said([['09:00', 240]])).toEqual([]);
  expect(
    said(
      [
        ['08:00', 120],
        ['10:10', 110],
        ['14:00', 300],
      ],
      [['12:00', 90, '']],
    ),
  ).toEqual(['12:00 5 h 30 on end without a break', '14:00 5 h on end without a break']);
});

test('a meeting elsewhere right after another says where from; rooms, calls and the same house do not count', () => {
  const day: [string, number, string][] = [
    ['09:00', 60, 'Town hall, Room 2'],
    ['10:00', 30, 'Town hall, attic'],
    ['10:40', 30, 'Boat house'],
    ['11:10', 20, 'https://call.example/1'],
    ['11:30', 30, 'Room 4'],
    ['12:30', 30, 'Mill lane'],
  ];
  expect(said([], day)).toEqual(['10:40 only 10 min for the way from Town hall, attic']);
  expect(
    said(
      [],
      [
        ['09:00', 60, 'Mill lane'],
        ['09:30', 30, 'Boat house'],
      ],
    ),
  ).toEqual(['09:30 no time for the way from Mill lane']);
});

test('nothing is said of a day whose things all have a quarter of an hour between them and are short', () => {
  const gaps = fc.array(
    fc.record({ gap: fc.integer({ min: 15, max: 60 }), minutes: fc.integer({ min: 5, max: 120 }) }),
    {
      maxLength: 5,
    },
  );
  fc.assert(
    fc.property(gaps, (list) => {
      let minute = 0;
      const blocks = list.map(({ gap, minutes }): [string, number] => {
        const start = minute + gap;
        minute = start + minutes;
        const two = (value: number) => String(value).padStart(2, '0');
        return [`${two(Math.floor(start / 60))}:${two(start % 60)}`, minutes];
      });
      expect(said(blocks)).toEqual([]);
    }),
    { numRuns: 40 },
  );
});
