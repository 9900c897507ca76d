import * as fc from 'fast-check';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { hours, withZones, zoneOf } from '../fixtures/zones';
import { alarmBefore, noReminders, type Alarm, type Reminders } from '../model/reminder';
import { defaultSettings } from '../model/settings';
import { workspaceOf, type Contents, type Workspace } from '../model/workspace';
import { DAY, MINUTE } from '../time/span';
import { dayOf, timeOf } from '../time/zone';
import type { Ringing } from './ring';
import { look, newRinging, nextLook, putOff } from './ringing';
import { ringsIn } from './rings';

const reminded = (reminders: Partial<Reminders>, contents: Contents): Workspace =>
  workspaceOf(contents, { ...defaultSettings, reminders: { ...noReminders, ...reminders } });

const block = (id: string, start: string, minutes = 60) => ({ id, taskId: id, start: at(start), minutes });

/** What rings on the day, as `09:50 block`; a `(quiet)` is shown only. */
const rung = (workspace: Workspace, day = date): string[] =>
  ringsIn(workspace, dayOf(day, zone), zone).map(
    (ring) => `${timeOf(ring.at, zone)} ${ring.about.kind}${ring.quiet ? ' (quiet)' : ''}`,
  );

test('a thing’s own reminders go before those of its category, and these before those of all', () => {
  const categories = [{ id: 'Field', name: 'Field', hue: 'reed' as const, rank: 0, leads: [30] }];
  const tasks = [
    task('plain'),
    task('field', { category: 'Field' }),
    task('own', { category: 'Field', leads: [] }),
  ];
  const blocks = [block('plain', '10:00'), block('field', '12:00'), block('own', '14:00')];
  const events = [meeting('forum', '16:00', 60), meeting('survey', '17:00', 60, { categories: ['field'] })];
  const workspace = reminded({ blocks: [10, 0], meetings: [5] }, { categories, tasks, blocks, events });
  expect(rung(workspace)).toEqual([
    '09:50 block',
    '10:00 block',
    '11:30 block',
    '15:55 meeting',
    '16:30 meeting',
  ]);
});

test('what is done or parked, another person’s meeting, and one that leaves free, ring nothing', () => {
  const tasks = [task('done', { doneAt: 1 }), task('parked', { parked: { at: 1, until: null } })];
  const blocks = [block('done', '10:00'), block('parked', '12:00')];
  const calendars = [{ id: 'o', name: 'Ines', source: 'x', hue: 'brook' as const, kept: [], around: true }];
  const events = [
    meeting('theirs', '14:00', 30, { calendarId: 'o', reminders: [alarmBefore(5)] }),
    meeting('free', '15:00', 30, { busy: false }),
    meeting('none', '16:00', 30, { unreminded: true }),
    meeting('said', '17:00', 30, { busy: false, reminders: [alarmBefore(15)] }),
  ];
  expect(rung(reminded({ blocks: [5], meetings: [5] }, { tasks, blocks, calendars, events }))).toEqual([
    '16:45 meeting',
  ]);
});

test('so many days before keep the hour over a clock change, as does nothing shorter', () => {
  // the clocks go back in the night to Sunday 25 October 2026
  const [monday, saturday, sunday] = ['2026-10-26', '2026-10-24', '2026-10-25'];
  const tasks = [task('Report', { leads: [1440, 2880, 120] })];
  const blocks = [{ id: 'b', taskId: 'Report', start: at('09:00', monday), minutes: 60 }];
  const events = [meeting('m', `${monday}T10:00:00`, 60, { reminders: [alarmBefore(2880)] })];
  const workspace = reminded({}, { tasks, blocks, events });
  expect(rung(workspace, saturday)).toEqual(['09:00 block', '10:00 meeting']);
  expect(rung(workspace, sunday)).toEqual(['09:00 block']);
  expect(rung(workspace, monday)).toEqual(['07:00 block']);
});

const alarm = (changes: Partial<Alarm>): Alarm => ({ minutesBefore: 0, kept: [], ...changes });

test.each<[string, Partial<Alarm>, string[]]>([
  ['from its end', { minutesBefore: 10, fromEnd: true }, ['10:50']],
  ['after its start', { minutesBefore: -15 }, ['10:15']],
  ['again', { minutesBefore: 10, again: { times: 2, minutes: 5 } }, ['09:50', '09:55', '10:00']],
  ['at an instant', { at: at('08:00') }, ['08:00']],
  [
    'acknowledged in part',
    { minutesBefore: 10, again: { times: 1, minutes: 5 }, acknowledged: at('09:50') },
    ['09:55'],
  ],
])('an alarm of a file rings %s', (_, changes, times) => {
  const events = [meeting('forum', '10:00', 60, { reminders: [alarm(changes)] })];
  expect(rung(reminded({ meetings: [1] }, { events }))).toEqual(times.map((time) => `${time} meeting`));
});

test('an alarm a thousand days ahead rings for each time of a series', () => {
  const weekly = meeting('far', '2029-08-20T10:00:00', 60, {
    rule: 'FREQ=DAILY',
    reminders: [alarmBefore(1440 * 1000)],
  });
  // 24 November 2026 is 1,000 days before 20 August 2029, in summer time: at the same hour
  expect(rung(reminded({}, { events: [weekly] }))).toEqual(['10:00 meeting']);
  expect(rung(reminded({}, { events: [weekly] }), '2026-11-23')).toEqual([]);
});

test('a due hour rings before it, a due day as work begins, so many days before', () => {
  const tasks = [
    task('hour', { due: { date, time: '17:00' } }),
    task('day', { due: { date: '2026-11-25', time: null }, dueLeads: [1440, 60] }),
  ];
  const workspace = reminded({ due: [30] }, { tasks });
  expect(rung(workspace)).toEqual(['09:00 due', '16:30 due']);
  expect(rung(workspace, '2026-11-25')).toEqual(['09:00 due']);
});

test('sleep and guarded zones are quiet, but for the next meeting in a guarded one', () => {
  const zones = [
    zoneOf('Sleep', { kind: 'sleep', ...hours(0, 420) }),
    zoneOf('Focus', { openness: 'guarded', ...hours(9, 180) }),
  ];
  const workspace: Workspace = {
    ...withZones(...zones),
    settings: {
      ...defaultSettings,
      reminders: { ...noReminders, blocks: [0], meetings: [0], close: { time: '06:30', days: [2] } },
    },
  };
  const { tasks, blocks, events } = workspace;
  const full = {
    ...workspace,
    tasks: tasks.with([task('early'), task('focus'), task('late')]),
    blocks: blocks.with([block('early', '06:00'), block('focus', '10:00'), block('late', '13:00')]),
    events: events.with([meeting('dawn', '05:00', 30), meeting('forum', '11:00', 30)]),
  };
  expect(rung(full)).toEqual([
    '05:00 meeting (quiet)',
    '06:00 block (quiet)',
    '06:30 close',
    '10:00 block (quiet)',
    '11:00 meeting',
    '13:00 block',
  ]);
});

/** A few days of everything that rings, across the night in which the clocks go back. */
const someWorkspace = fc
  .record({
    leads: fc.array(fc.integer({ min: 0, max: 3000 }), { maxLength: 3 }),
    starts: fc.array(fc.integer({ min: 0, max: 4 * 1440 }), { maxLength: 8 }),
    alarms: fc.array(
      fc.record({
        minutesBefore: fc.integer({ min: -3000, max: 20_000 }),
        fromEnd: fc.constantFrom(true as const, undefined),
        again: fc.option(
          fc.record({ times: fc.integer({ min: 1, max: 3 }), minutes: fc.integer({ min: 1, max: 900 }) }),
          {
            nil: undefined,
          },
        ),
      }),
      { maxLength: 3 },
    ),
  })
  .map(({ leads, starts, alarms }) => {
    const ids = starts.map((_, i) => `t${i}`);
    const start = at('00:00', '2026-10-24');
    const due = { date: '2026-10-26', time: null };
    const rule = 'FREQ=DAILY;COUNT=9';
    const reminders = alarms.map((each) => ({ ...each, kept: [] }));
    return reminded(
      { blocks: leads, meetings: leads, due: leads, opening: { time: '01:30', days: [6, 7] } },
      {
        tasks: ids.map((id) => task(id, { due })),
        blocks: starts.map((minutes, i) => ({
          id: `t${i}`,
          taskId: `t${i}`,
          start: start + minutes * MINUTE,
          minutes: 30,
        })),
        events: [
          meeting('plain', '2026-10-24T09:00:00', 30, { rule }),
          meeting('own', '2026-10-23T01:30:00', 90, { rule, reminders }),
        ],
      },
    );
  });

test('however a span is split, the same rings, and each reminder once', () => {
  const from = at('00:00', '2026-10-22');
  const cuts = fc.array(fc.integer({ min: 0, max: 6 * 1440 }), { minLength: 1, maxLength: 12 });
  fc.assert(
    fc.property(someWorkspace, cuts, (workspace, minutes) => {
      const ends = [0, ...minutes, 6 * 1440].sort((a, b) => a - b).map((cut) => from + cut * MINUTE);
      const whole = ringsIn(workspace, { from, to: from + 6 * DAY }, zone);
      const parts = ends.slice(1).flatMap((to, i) => ringsIn(workspace, { from: ends[i] ?? from, to }, zone));
      const ids = (rings: typeof whole) => rings.map(({ id, at: instant }) => `${instant} ${id}`).sort();
      expect(ids(parts)).toEqual(ids(whole));
      expect(new Set(ids(whole)).size).toBe(whole.length);
    }),
    { numRuns: 60 },
  );
});

/** Looks at each of these times in turn; what rang, and what is listed as missed at the end. */
function looks(
  workspace: Workspace,
  ...times: (string | number)[]
): { rang: string[]; missed: number; after: Ringing } {
  const [first = '', ...rest] = times.map((time) => (typeof time === 'string' ? at(time) : time));
  let after = newRinging(Number(first));
  const rang: string[] = [];
  for (const now of rest) {
    const { ringing, answer: fresh } = look(after, workspace, now, zone);
    after = ringing;
    rang.push(...fresh.map((ring) => `${timeOf(now, zone)} ${ring.about.kind}`));
  }
  return { rang, missed: after.open.filter(({ missed }) => missed).length, after };
}

const morning = reminded(
  { blocks: [10] },
  { tasks: [task('a'), task('b')], blocks: [block('a', '10:00'), block('b', '11:00')] },
);

test('what came while nobody looked is listed, and does not ring', () => {
  expect(looks(morning, '09:00', '10:50')).toMatchObject({ rang: ['10:50 block'], missed: 1 });
});

test('a clock that is set back, or forth and back, rings nothing twice and goes on ringing', () => {
  expect(looks(morning, '09:00', '09:50', '09:30', '09:51', '10:50').rang).toEqual([
    '09:50 block',
    '10:50 block',
  ]);
  expect(looks(morning, '09:00', at('09:00') + 400 * DAY, '09:50').rang).toEqual(['09:50 block']);
});

test('what runs already is not told of, nor once it has stopped', () => {
  const entry = { id: 'e', subject: { kind: 'task' as const, taskId: 'a' }, from: at('09:40'), to: null };
  const runs = { ...morning, entries: morning.entries.with([entry]) };
  const { ringing, answer } = look(newRinging(at('09:45')), runs, at('09:50'), zone);
  expect(answer).toEqual([]);
  expect(look(ringing, morning, at('09:55'), zone).ringing.open).toEqual([]);
});

test('what was put off rings at its new instant, unless its task is done by then', () => {
  const { after } = looks(morning, '09:00', '09:50');
  const later = putOff(after, after.open[0]?.ring.id ?? '', at('10:00'));
  expect(later.open).toEqual([]);
  expect(nextLook(later, morning, at('09:52'), zone)).toBe(at('10:00'));
  expect(look(later, morning, at('10:00'), zone).answer).toHaveLength(1);
  const done = { ...morning, tasks: morning.tasks.with([task('a', { doneAt: at('09:55') })]) };
  expect(look(later, done, at('10:00'), zone).answer).toEqual([]);
});

test('the next look is at the next reminder, however often one looks before', () => {
  const { after } = looks(morning, '09:00', '09:20', '09:50');
  expect(nextLook(newRinging(at('09:00')), morning, at('09:00'), zone)).toBe(at('09:50'));
  expect(nextLook(after, morning, at('09:50'), zone)).toBe(at('10:50'));
});
