import { at, date, task, zone } from '../fixtures/make';
import { office, withZones } from '../fixtures/zones';
import { findingWords } from '../plan/findingWords';
import { readLine } from './quickLine';
import { judgeLine, quickTaskOf } from './quickTask';

const plain = withZones(office);
const workspace = {
  ...plain,
  tasks: plain.tasks.with([task('Letter')]),
  blocks: plain.blocks.with([{ id: 'b', taskId: 'Letter', start: at('14:00'), minutes: 60 }]),
};
const made = (line: string) => {
  const read = readLine(line, { workspace, now: at('11:20'), zone, monthFirst: false });
  return quickTaskOf(read, workspace, { id: 'new', createdAt: 0, zone });
};

test('a line with an hour goes onto hours, as long as it says or the usual length, one with a day into its tray', () => {
  expect(made('Read the gauges at 15:00 45m').goes).toEqual({
    kind: 'hours',
    start: at('15:00'),
    minutes: 45,
  });
  expect(made('Read the gauges at 15:00').goes).toMatchObject({ minutes: 30 });
  expect(made('Read the gauges today 45m')).toMatchObject({
    goes: { kind: 'tray', date },
    task: { estimate: 45 },
  });
  expect(made('Read the gauges urgent').goes).toBeNull();
  expect(made('Read the gauges by Friday urgent').task).toMatchObject({
    title: 'Read the gauges',
    due: { date: '2026-11-27', time: null },
    priority: 'urgent',
    listId: 'first-list',
  });
});

test('what a line will collide with or make late is told before it counts', () => {
  const said = (line: string) => judgeLine(workspace, made(line), zone).map(findingWords);
  expect(said('Read the gauges at 14:30')).toEqual(['collides with Letter']);
  expect(said('Read the gauges tomorrow 10:00 by today 17:00')).toEqual(['ends 17 h 30 after it is due']);
  expect(said('Read the gauges tomorrow 10:00')).toEqual([]);
});
