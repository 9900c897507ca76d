import { at, date, meeting, task, zone } from '../fixtures/make';
import { hours, office, withZones, zoneOf } from '../fixtures/zones';
import { sealWeek } from '../commands/seals';
import type { Attendee } from '../model/event';
import type { Block, TimeEntry } from '../model/plan';
import { workspaceOf } from '../model/workspace';
import { sealOf } from '../plan/sealing';
import { MINUTE } from '../time/span';
import { dayOf, instantOf } from '../time/zone';
import { cutsOf } from './cuts';
import { cutsOver, switchesIn } from './cutsOver';
import { endsIn } from './ends';
import { endsWords } from './endsWords';
import { grouped } from './grouping';
import { ledger } from './ledger';
import { notesOver, numbersOver } from './ownNumbers';
import { sealsOver } from './sealsOver';

const entry = (what: string, from: string, minutes: number, kind: 'task' | 'other' = 'task'): TimeEntry => ({
  id: `${what} ${from}`,
  subject: kind === 'task' ? { kind, taskId: what } : { kind, title: what },
  from: instantOf(from.length > 5 ? from : `${date}T${from}`, zone),
  to: instantOf(from.length > 5 ? from : `${date}T${from}`, zone) + minutes * MINUTE,
});
const block = (taskId: string, start: number): Block => ({
  id: `block ${taskId}`,
  taskId,
  start,
  minutes: 60,
});
const rowsOf = (workspace: ReturnType<typeof workspaceOf>) =>
  ledger(workspace, dayOf(date, zone), zone, dayOf(date, zone).to).rows;

test('finished tasks come out against their estimates and their due times', () => {
  const done = { doneAt: at('16:00') };
  const workspace = workspaceOf({
    tasks: [
      task('long', { ...done, estimate: 30, due: { date, time: '15:00' } }),
      task('short', { ...done, estimate: 60, due: { date: '2026-11-26', time: null } }),
      task('plain', done),
      task('open', { estimate: 30 }),
      task('before', { doneAt: at('16:00', '2026-11-23'), estimate: 30 }),
    ],
    entries: [entry('long', '09:00', 50), entry('short', '10:00', 45), entry('open', '11:00', 90)],
  });
  const ends = endsIn(workspace, dayOf(date, zone), zone, at('18:00'));
  expect(ends).toEqual({
    finished: 3,
    over: { count: 1, minutes: 20 },
    under: { count: 1, minutes: 15 },
    late: { count: 1, minutes: 60 },
    early: { count: 1, minutes: 56 * 60 },
  });
  expect(endsWords(ends)).toBe(
    '3 tasks were finished. 1 took longer than estimated, by 20 min together, 1 took less, by 15 min. 1 came after the due time, by 1 h in the middle, 1 before it, by 2 days.',
  );
  expect(endsIn(workspace, dayOf(date, zone), zone, at('18:00'), ({ id }) => id === 'plain').finished).toBe(
    1,
  );
});

test('a day is cut up by meetings and by going from one thing to another; guarded zones lose what meetings take of them', () => {
  const guarded = zoneOf('Writing', { ...hours(9, 180), days: [2], openness: 'guarded' });
  const workspace = {
    ...withZones(office, guarded),
    ...(({ events, entries }) => ({ events, entries }))(
      workspaceOf({
        events: [meeting('Team', '10:00', 60), meeting('Call', '15:00', 30)],
        entries: [
          entry('a', '09:00', 30),
          entry('b', '09:30', 30),
          entry('a', '11:00', 60),
          entry('a', '12:10', 60),
        ],
      }),
    ),
  };
  const rows = rowsOf(workspace);
  expect(switchesIn(rows)).toBe(2);
  expect(cutsOver(workspace, cutsOf(workspace, [date], zone), rows, zone)).toEqual({
    longest: 240,
    longADay: 3,
    longMinutesADay: 390,
    meetingsADay: 2,
    switchesAnHour: 0.7,
    guardedLost: 60,
  });
  expect(cutsOver(workspace, cutsOf(workspace, ['2026-11-28'], zone), [], zone)).toBeNull();
});

test('time is told by its kind: one to one and in groups without oneself, travel, what came in between', () => {
  const person = (name: string): Attendee => ({
    name,
    address: `${name}@trust.example`,
    answer: 'yes',
    line: '',
  });
  const people = ['petra', 'ines', 'bram'].map(person);
  const plain = workspaceOf({
    tasks: [task('a')],
    events: [
      meeting('Ines', '13:00', 30, { attendees: people.slice(0, 2) }),
      meeting('Crew', '14:00', 40, { attendees: people }),
      meeting('Talk', '15:00', 20),
      meeting('Travel to Pell Farm', '16:00', 50),
    ],
    blocks: [block('a', at('09:00'))],
    entries: [
      entry('a', '09:00', 20),
      entry('Call', '09:20', 10, 'other'),
      entry('Call', '17:30', 15, 'other'),
    ],
  });
  const told = (addresses: string[]) => {
    const workspace = { ...plain, settings: { ...plain.settings, addresses } };
    return Object.fromEntries(
      grouped(workspace, rowsOf(workspace), 'kind', zone).map(({ key, sums }) => [
        key,
        [sums.planned, sums.actual],
      ]),
    );
  };
  const expected = {
    task: [60, 20],
    interruption: [0, 10],
    unplanned: [0, 15],
    oneToOne: [30, 0],
    group: [40, 0],
    meeting: [20, 0],
    travel: [50, 0],
  };
  expect(told(['Petra@trust.example'])).toEqual(expected);
  // who has not said who they are is counted among those who were asked
  expect(told([])).toEqual(expected);
});

test('what was moved or dropped after the seals of several weeks is told in sum, and what it was again and again', () => {
  const weeks = ['2026-11-16', '2026-11-23'];
  const start = workspaceOf({
    tasks: [task('a'), task('b')],
    blocks: weeks.flatMap((week, i) => [
      { ...block('a', at('09:00', week)), id: `a${i}` },
      { ...block('b', at('11:00', week)), id: `b${i}` },
    ]),
  });
  const sealed = weeks.reduce(
    (now, week) =>
      sealWeek.apply(now, { seal: sealOf(now, week, zone, at('09:00', '2026-11-13')), today: '2026-11-13' }),
    start,
  );
  const moved = sealed.blocks
    .values()
    .flatMap((one) => (one.taskId === 'a' ? [{ ...one, start: one.start + 90 * MINUTE }] : []));
  const workspace = {
    ...sealed,
    blocks: sealed.blocks.with(moved, ['b1']),
    // a was done when it was sealed, b at another hour
    entries: sealed.entries.with([entry('a', '2026-11-23T09:10', 30), entry('b', '2026-11-23T16:00', 30)]),
  };
  expect(sealsOver(workspace, '2026-11-01', '2026-11-30', zone)).toEqual({
    weeks: 2,
    added: 0,
    moved: 2,
    dropped: 1,
    elsewhere: 1,
    minutes: -60,
    shift: 90,
    often: [{ of: 'a', title: 'a', times: 2 }],
  });
  expect(sealsOver(workspace, '2026-10-01', '2026-10-31', zone)).toBeNull();
});

test('own numbers are told over the days on which they were entered', () => {
  const counted = { id: 'samples', name: 'Samples', kind: 'number' as const, unit: '', target: 10 };
  const day = (id: string, value: number | null, note = '') => ({
    id,
    note,
    numbers: value === null ? [] : [{ of: 'samples', value }],
    ticked: [],
    leftOpen: [],
    ties: [],
  });
  const plain = workspaceOf({
    days: [day('2026-11-24', 12, '## Quiet\nday'), day('2026-11-23', 4), day('2026-11-25', null)],
  });
  const { settings } = plain;
  const routines = { ...settings.routines, counted: [counted, { ...counted, id: 'never' }] };
  const workspace = { ...plain, settings: { ...settings, routines } };
  expect(numbersOver(workspace, '2026-11-23', '2026-11-30')).toEqual([
    {
      counted,
      days: [
        { date: '2026-11-23', value: 4 },
        { date: '2026-11-24', value: 12 },
      ],
      mean: 8,
      least: 4,
      most: 12,
      reached: 1,
    },
  ]);
  expect(notesOver(workspace, '2026-11-23', '2026-11-30')).toEqual([{ date: '2026-11-24', words: 'Quiet' }]);
});
