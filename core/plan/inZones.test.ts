import { placeTask } from '../commands/plan';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { hours, lunch, office, sleep, zoneOf } from '../fixtures/zones';
import { firstFrame } from '../model/firstFrame';
import { workspaceOf, type Workspace } from '../model/workspace';
import { dateOf, timeOf } from '../time/zone';
import { dayPlan } from './dayPlan';
import { findingWords } from './findingWords';
import { whatFits } from './freed';
import { judge } from './judge';
import { nearestStart } from './nearest';
import { placesFor } from './placing';
import { overloadOn, reliefs } from './relief';

test('a day with too much planned says what to move: what is just long enough first, to where it fits', () => {
  const base = workspaceOf({
    frames: [{ ...firstFrame(), zones: [office] }],
    tasks: [task('Long'), task('Short'), task('Middle'), task('Done', { doneAt: 5 })],
  });
  const on = (workspace: Workspace, taskId: string, start: string, minutes: number) =>
    placeTask.apply(workspace, { id: `b ${taskId}`, taskId, start: at(start), minutes });
  const full = on(
    on(on(on(base, 'Long', '09:00', 300), 'Short', '14:00', 60), 'Middle', '15:00', 120),
    'Done',
    '18:00',
    60,
  );
  expect(overloadOn(full, date, zone)).toBe(60);
  const found = reliefs(full, date, zone, at('07:00'));
  expect(found.map(({ title, gains }) => `${title} ${gains}`)).toEqual([
    'Short 60',
    'Middle 120',
    'Long 300',
  ]);
  // each to a place of its own
  expect(found.map(({ start }) => start)).toEqual(
    ['09:00', '10:00', '12:00'].map((start) => at(start, '2026-11-25')),
  );
  expect(reliefs(base, date, zone, at('07:00'))).toEqual([]);
});

describe('work in zones', () => {
  const writing = zoneOf('Writing', {
    ...hours(9, 120),
    category: 'Writing',
    openness: 'guarded',
    energy: 'low',
  });
  const calls = zoneOf('Meetings', { ...hours(14, 120), openness: 'open' });
  const small = zoneOf('Small things', { ...hours(11, 60), lists: ['errands'] });
  const base = workspaceOf({
    frames: [{ ...firstFrame(), zones: [office, lunch, sleep, writing, calls, small] }],
    tasks: [
      task('Report', { category: 'Writing', energy: 'sharp' }),
      task('Survey', { category: 'Fieldwork' }),
    ],
  });
  const said = (taskId: string, start: string, workspace = base) =>
    judge(
      workspace,
      { what: { kind: 'task', taskId }, to: { kind: 'hours', start: at(start), minutes: 60 } },
      { zone },
    )
      .filter(({ kind }) => kind === 'inZone')
      .map(findingWords);

  test('what lies where the frame has something else is told why', () => {
    expect(said('Survey', '09:00')).toEqual(['in Writing, which is for other work']);
    expect(said('Report', '09:00')).toEqual(['in Writing, when you are not sharp']);
    expect(said('Report', '14:30')).toEqual(['in Meetings, which is kept for meetings']);
    expect(said('Report', '12:30')).toEqual(['in Lunch, which is an obligation']);
    expect(said('Report', '23:30')).toEqual(['in Sleep: one sleeps then']);
    expect(said('Report', '16:00')).toEqual([]);
    expect(said('Report', '18:00')).toEqual([]);
  });

  test('a meeting is kept out of guarded hours, and of those alone', () => {
    const invited = (start: string) =>
      judge(
        base,
        { what: { kind: 'newEvent' }, to: { kind: 'hours', start: at(start), minutes: 30 } },
        { zone },
      ).map(findingWords);
    expect(invited('10:00')).toEqual(['in Writing, which keeps meetings out']);
    expect(invited('14:00')).toEqual([]);
  });

  test('places in zones that are meant for a task are offered first', () => {
    const first = (taskId: string) => {
      const found = base.tasks.get(taskId);
      return found && placesFor(base, found, 60, zone, at('08:00')).map(({ from }) => timeOf(from, zone));
    };
    // today and on the days after it
    expect(first('Report')?.slice(0, 3)).toEqual(['09:00', '09:00', '09:00']);
    expect(first('Survey')?.slice(0, 2)).toEqual(['09:00', '13:30']);
  });
});

test('the nearest place that fits is the closest one against which nothing speaks, whatever is offered first', () => {
  const writing = zoneOf('Writing', { ...hours(9, 120), days: [3], category: 'Writing' });
  const calls = zoneOf('Calls', { ...hours(13, 240), openness: 'open', days: [1, 2, 3, 4, 5] });
  const base = workspaceOf({
    frames: [{ ...firstFrame(), zones: [office, writing, calls] }],
    tasks: [task('Report', { category: 'Writing' }), task('Post')],
  });
  const stands = (taskId: string, start: string) => {
    const block = { id: 'b', taskId, start: at(start), minutes: 60 };
    const found = nearestStart(
      placeTask.apply(base, block),
      { ...block, what: { kind: 'block', id: block.id, taskId: block.taskId } },
      zone,
      at('08:00'),
    );
    return found === undefined ? [] : [dateOf(found, zone), timeOf(found, zone)];
  };
  // its hours are kept for meetings: the end of the morning is nearer than the zone that is meant for it
  expect(stands('Report', '14:00')).toEqual([date, '12:00']);
  expect(stands('Post', '23:55')).toEqual(['2026-11-25', '11:00']);
});

test('what fits into freed time is first what its zone is meant for, among tasks without a deadline', () => {
  const writing = zoneOf('Writing', { ...hours(9, 120), category: 'Writing' });
  const base = workspaceOf({
    frames: [{ ...firstFrame(), zones: [office, writing] }],
    tasks: [
      task('High', { priority: 'high' }),
      task('Report', { category: 'Writing' }),
      task('Due', { due: { date: '2026-11-30', time: null } }),
    ],
  });
  const titles = (start: string, end: string) =>
    whatFits(base, { from: at(start), to: at(end) }, zone, at('08:00')).map((each) => each.task.title);
  expect(titles('09:00', '10:00')).toEqual(['Due', 'Report', 'High']);
  expect(titles('13:00', '14:00')).toEqual(['Due', 'High', 'Report']);
});

describe('buffers by rule', () => {
  const rules = { afterMeetings: 15, meetingsFrom: 45, afterTravel: 30, betweenKinds: 10 };
  const travel = zoneOf('Travel', { kind: 'duty', ...hours(8, 30) });
  const plain = workspaceOf({
    frames: [{ ...firstFrame(), zones: [office, travel] }],
    tasks: [task('Report', { category: 'Writing' }), task('Survey', { category: 'Fieldwork' }), task('Post')],
    events: [
      meeting('Team', '10:00', 60),
      meeting('Right after', '11:05', 15),
      meeting('Short', '15:00', 30),
      meeting('Travel to the weir', '16:00', 20),
    ],
  });
  const ruled = { ...plain, settings: { ...plain.settings, buffers: rules } };
  const clocks = (workspace: Workspace) =>
    dayPlan(workspace, date, zone).buffers.map(({ from, to }) => `${timeOf(from, zone)}–${timeOf(to, zone)}`);
  const on = (workspace: Workspace, taskId: string, start: string) =>
    placeTask.apply(workspace, { id: `b ${taskId}`, taskId, start: at(start), minutes: 60 });
  const said = (workspace: Workspace, taskId: string, start: string) =>
    judge(
      workspace,
      { what: { kind: 'task', taskId }, to: { kind: 'hours', start: at(start), minutes: 60 } },
      { zone },
    ).map(findingWords);

  test('lie after long meetings as far as no other takes them, and after travel', () => {
    expect(clocks(plain)).toEqual([]);
    expect(clocks(ruled)).toEqual(['08:30–09:00', '11:00–11:05', '16:20–16:50']);
    // of the five minutes after the team and the half hour after the way, all is in working hours
    expect(dayPlan(ruled, date, zone).load.buffers).toBe(35);
  });

  test('lie between different kinds of work only, and work too close to another kind is told so', () => {
    const writing = on(ruled, 'Report', '12:00');
    expect(clocks(on(writing, 'Survey', '14:00'))).toContain('13:00–13:10');
    expect(clocks(on(writing, 'Post', '14:00'))).not.toContain('13:00–13:10');
    expect(said(writing, 'Survey', '13:00')).toEqual([
      'no 10 min between it and Report, which is other work',
    ]);
    expect(said(writing, 'Survey', '13:10')).toEqual([]);
    expect(said(writing, 'Post', '13:00')).toEqual([]);
    expect(said(plain, 'Post', '16:25')).toEqual(['ends 25 min after the working day']);
    expect(said(ruled, 'Post', '16:25')).toContain('in a buffer that is left free for an overrun');
  });
});
