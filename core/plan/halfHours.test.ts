import { placeTask } from '../commands/plan';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { halfHours } from './halfHours';

const office = placeTask.apply(
  workspaceOf({
    tasks: [task('Map')],
    events: [meeting('Hearing', '11:15', 30), meeting('Open door', '15:00', 60, { busy: false })],
    calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  }),
  { id: 'b', taskId: 'Map', start: at('09:00'), minutes: 60 },
);
const taken = (except?: string) =>
  halfHours(office, date, zone, except).flatMap(({ from, takenBy }) =>
    takenBy ? [`${(from - at('00:00')) / 3_600_000} ${takenBy}`] : [],
  );

test('half hours say what takes them, in part or whole; what is free or to be placed itself takes none', () => {
  expect(taken()).toEqual(['9 Map', '9.5 Map', '11 Hearing', '11.5 Hearing']);
  expect(taken('b')).toEqual(['11 Hearing', '11.5 Hearing']);
});

test('the days when clocks change have 46 and 50 half hours', () => {
  expect(halfHours(office, '2026-03-29', zone)).toHaveLength(46);
  expect(halfHours(office, '2026-10-25', zone)).toHaveLength(50);
});
