import { addCaptured } from '../commands/capture';
import { trayOn } from '../tasks/places';
import { at, date, task, zone } from '../fixtures/make';
import { office, withZones } from '../fixtures/zones';
import { reader } from '../fixtures/quickReader';
import { findingWords } from '../plan/findingWords';
import { readLine } from './quickLine';
import { changesOf } from './otherWords';
import { eventTime, judgeLine, listUnsaid, quickTaskOf } from './quickTask';

const plain = withZones(office);
const workspace = {
  ...plain,
  tasks: plain.tasks.with([task('Letter')]),
  blocks: plain.blocks.with([{ id: 'b', taskId: 'Letter', start: at('14:00'), minutes: 60 }]),
};
const made = (line: string) => {
  const read = readLine(line, { workspace, meetings: [], now: at('11:20'), zone });
  return quickTaskOf(read, workspace, { id: 'new', createdAt: at('11:20'), zone });
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

test('an event has an hour, and lasts one unless it says otherwise; with a day or days alone it takes them whole', () => {
  const timeOf = (line: string) =>
    eventTime(readLine(line, { workspace, meetings: [], now: at('11:20'), zone }), zone);
  expect(timeOf('Call with the council at 15:00')).toEqual({
    kind: 'hours',
    start: at('15:00'),
    minutes: 60,
  });
  expect(timeOf('Call with the council at 15:00 20m')).toMatchObject({ minutes: 20 });
  expect(timeOf('Office closed 21 Dec to 2 Jan')).toEqual({ kind: 'days', from: '2026-12-21', days: 13 });
  expect(timeOf('Trustees’ day 3 Dec')).toEqual({ kind: 'days', from: '2026-12-03', days: 1 });
  expect(timeOf('Call with the council')).toBeUndefined();
});

test('what comes again goes to its first day, with the rule of a calendar', () => {
  const placed = (line: string) => {
    const { goes, comes } = made(line);
    return [goes, comes?.rule, comes?.start.wall];
  };
  expect(placed('Read the gauges every Mon and Thu')).toEqual([
    { kind: 'tray', date: '2026-11-26' },
    'FREQ=WEEKLY;BYDAY=MO,TH',
    '2026-11-26',
  ]);
  expect(placed('Minutes on the last Friday of each month at 15:00')).toEqual([
    { kind: 'hours', start: at('15:00', '2026-11-27'), minutes: 30 },
    'FREQ=MONTHLY;BYDAY=-1FR',
    '2026-11-27T15:00:00',
  ]);
  const weekdays = made('Read the gauges every weekday');
  const after = addCaptured.apply(workspace, { all: [{ ...weekdays, placeId: 't', repeatId: 'r' }] });
  const days = [date, '2026-11-25', '2026-11-28'].map((day) => trayOn(after, day, zone).length);
  expect(days).toEqual([1, 1, 0]);
});

test('a stretch of hours is as long as it says, for a task and an event; a stretch of days hides it before and is due at its end', () => {
  expect(made('Survey Fri 12:30-14:00')).toMatchObject({
    goes: { kind: 'hours', start: at('12:30', '2026-11-27'), minutes: 90 },
    task: { title: 'Survey', estimate: 90 },
  });
  const line = readLine('Survey Fri 22:00-06:00', { workspace, meetings: [], now: at('11:20'), zone });
  expect(eventTime(line, zone)).toEqual({ kind: 'hours', start: at('22:00', '2026-11-27'), minutes: 480 });
  expect(made('Mend the fence 1 Dec–3 Dec').task).toMatchObject({
    title: 'Mend the fence',
    notBefore: { date: '2026-12-01', time: null },
    due: { date: '2026-12-03', time: null },
  });
});

test('what comes on days of the month, in a part of the day or until a date has the rule of a calendar', () => {
  const rule = (line: string) => {
    const { comes } = made(line);
    return [comes?.rule, comes?.start.wall];
  };
  expect(rule('Rent on the 1st of every month')).toEqual(['FREQ=MONTHLY;BYMONTHDAY=1', '2026-12-01']);
  expect(rule('Count moths each evening')).toEqual(['FREQ=DAILY', '2026-11-24T18:00:00']);
  expect(rule('Team call every Friday until 18 December')).toEqual([
    'FREQ=WEEKLY;BYDAY=FR;UNTIL=20261218T235959',
    '2026-11-27',
  ]);
});

test('where a line names no list, the one that its task goes to is told where the line ends, and can be changed', () => {
  const unsaid = (line: string, home?: string) => {
    const read = readLine(line, reader);
    const quick = quickTaskOf(read, reader.workspace, { id: 'new', createdAt: reader.now, zone, home });
    return listUnsaid(line, read, quick);
  };
  const line = 'Read the gauges Thu';
  expect(unsaid(line)).toEqual({ kind: 'list', value: 'Grants', from: line.length, to: line.length });
  expect(unsaid(line, 'Permits')).toMatchObject({ value: 'Permits' });
  // in the inbox, or said
  expect(unsaid('Read the gauges')).toBeNull();
  expect(unsaid('Read the gauges', 'Permits')).toMatchObject({ value: 'Permits' });
  expect(unsaid('Read the gauges Thu in Permits')).toBeNull();
  const chip = unsaid(line);
  const changed = chip && changesOf(line, chip, reader, (other) => readLine(other, reader).chips);
  expect(changed?.map((each) => each.line)).toEqual([
    `${line} in list Permits`,
    `${line} in list Field surveys`,
  ]);
});
