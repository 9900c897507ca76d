import { Temporal } from 'temporal-polyfill';
import { importCalendars } from '../commands/importing';
import { everyView } from '../check/everyView';
import { many, strangeRules as rules } from '../fixtures/strangeRules';
import { at, date, meeting, task, zone } from '../fixtures/make';
import type { Contents, Workspace } from '../model/workspace';
import { firstList, workspaceOf } from '../model/workspace';
import { readCalendar } from './readCalendar';
import { readWorkspaceFile, writeWorkspaceFile } from './workspaceFile';

/*
 * Files that once stopped the application, or might: each is read, and everything that a screen shows is worked out from
 * what came in. The work is counted in steps (looks at a date), so that it is bounded on any machine.
 */

const now = at('11:20');
const MOST_STEPS = 250_000;

let steps = 0;
const asItWas: (() => void)[] = [];
function counted<T extends object, K extends keyof T>(type: T, name: K) {
  const real = type[name];
  if (typeof real !== 'function') return;
  const count = (...given: unknown[]): unknown => {
    steps += 1;
    return Reflect.apply(real, type, given);
  };
  type[name] = count as T[K]; // the same function, counted
  asItWas.push(() => (type[name] = real));
}
beforeAll(() => {
  counted(Temporal.PlainDate, 'from');
  counted(Temporal.PlainDateTime, 'from');
  counted(Temporal.Instant, 'fromEpochMilliseconds');
});
afterAll(() => asItWas.forEach((undo) => undo()));
beforeEach(() => (steps = 0));

const event = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:u', 'SUMMARY:Weir', ...lines, 'END:VEVENT'];
const todo = (...lines: string[]) => ['BEGIN:VTODO', 'UID:t', 'SUMMARY:Weir', ...lines, 'END:VTODO'];
const start = 'DTSTART;TZID=Europe/London:20261124T090000';
const stamp = (i: number, first = Date.UTC(2000, 0, 1, 9)) =>
  new Date(first + i * 86_400_000).toISOString().replace(/[-:]|\.\d+/g, '');
const long = 'x'.repeat(199_000);

const files: readonly (readonly [string, readonly string[]])[] = [
  ...rules.map((rule) => [rule.slice(0, 60), event(start, `RRULE:FREQ=${rule}`)] as const),
  ...rules
    .filter((rule) => !/^(MINUTELY|SECONDLY)|BYHOUR/.test(rule))
    .map(
      (rule) =>
        [`1900, ${rule.slice(0, 60)}`, event('DTSTART:19000101T090000', `RRULE:FREQ=${rule}`)] as const,
    ),
  ['days of whole years', event('DTSTART;VALUE=DATE:20260101', 'DTEND;VALUE=DATE:99991231')],
  [
    'an event of ten years each day',
    event('DTSTART;VALUE=DATE:20200101', 'DTEND;VALUE=DATE:20291231', 'RRULE:FREQ=DAILY'),
  ],
  ['a huge DURATION', event(start, 'DURATION:P99999999999W')],
  ['a huge DURATION that repeats', event(start, 'DURATION:P99999999999W', 'RRULE:FREQ=DAILY')],
  ['a huge period', event(start, 'RDATE;VALUE=PERIOD:20261125T090000Z/P99999999999W')],
  ['a length of nothing each second', event(start, 'DURATION:PT0S', 'RRULE:FREQ=SECONDLY')],
  ['a title of one word', event(start, `SUMMARY:${long}`)],
  ['notes and a place of one word', event(start, `DESCRIPTION:${long}`, `LOCATION:${long}`)],
  ['a line of a megabyte', event(start, `DESCRIPTION:${long.repeat(5)}`)],
  [
    'times added and taken out',
    event(start, ...many(8000, (i) => `RDATE:${stamp(i)}`), ...many(8000, (i) => `EXDATE:${stamp(i)}`)),
  ],
  ['added times in one line', event(start, `RDATE:${many(9000, (i) => stamp(i))}`)],
  [
    'changed times',
    [
      ...event('DTSTART:20000101T090000Z', 'RRULE:FREQ=DAILY'),
      ...Array.from({ length: 3000 }, (_, i) =>
        event(`RECURRENCE-ID:${stamp(i)}`, `DTSTART:${stamp(i + 1)}`),
      ).flat(),
    ],
  ],
  [
    'later changes of later changes',
    [
      ...event('DTSTART:20000101T090000Z', 'RRULE:FREQ=DAILY'),
      ...Array.from({ length: 500 }, (_, i) =>
        event(`RECURRENCE-ID;RANGE=THISANDFUTURE:${stamp(i * 20)}`, `DTSTART:${stamp(i * 20)}`),
      ).flat(),
    ],
  ],
  [
    'two thousand events in one hour',
    many(2000, (i) => event(`UID:${i}`, start, 'DURATION:PT30M').join('\n')),
  ],
  ['people by the thousand', event(start, ...many(5000, (i) => `ATTENDEE:mailto:p${i}@example.org`))],
  ['reminders by the thousand', event(start, ...many(2000, () => 'BEGIN:VALARM\nTRIGGER:-PT5M\nEND:VALARM'))],
  ['categories by the thousand', event(start, `CATEGORIES:${many(9000, (i) => `c${i}`)}`)],
  ['lines that nobody knows', event(start, ...many(9000, (i) => `X-${i}:1`))],
  ['the first year', event('DTSTART:00010101T090000Z', 'RRULE:FREQ=YEARLY')],
  ['the last year', event('DTSTART:99991231T235959Z', 'DURATION:P3600D', 'RRULE:FREQ=DAILY')],
  ['a day that does not exist', event('DTSTART:20260230T090000')],
  ['an unknown zone', event('DTSTART;TZID=Middle/Earth:20261124T090000')],
  ['a zone of 199 kB', event(`DTSTART;TZID=${long}:20261124T090000`)],
  ['a UID of 199 kB', event(`UID:${long}`, start)],
  ['a sequence past all numbers', event(start, 'SEQUENCE:99999999999999999999999')],
  ['deep nesting', [...many(500, () => 'BEGIN:VEVENT'), start]],
  ['tasks: a huge estimate', todo('ESTIMATED-DURATION:P99999999999W')],
  ['tasks: done in the first year', todo('STATUS:COMPLETED', 'COMPLETED:00010101T090000Z')],
  ['tasks: due in the last year', todo('DUE:99991231T235959Z')],
  ['tasks: five thousand', many(5000, (i) => todo(`UID:${i}`, 'DUE:20261124T170000Z').join('\n'))],
  ['tasks: a title of one word', todo(`SUMMARY:${long}`, `DESCRIPTION:${long}`)],
  ['signs that turn the text', event(start, 'SUMMARY:\u202egnp.exe\u2066\u0000')],
];

test.each(files)('calendar file: %s', (_, lines) => {
  const { calendars, problems } = readCalendar(
    ['BEGIN:VCALENDAR', ...lines, 'END:VCALENDAR'].join('\n'),
    zone,
  );
  const calendar = { id: 'c', name: 'Office', source: 'office.ics', hue: 'reed' as const, kept: [] };
  const imports = calendars.map(({ events, tasks, whole }) => ({ calendar, events, tasks, whole }));
  const workspace = importCalendars.apply(workspaceOf({}), { imports, listId: firstList.id, at: now });
  expect(workspace.events.size + workspace.tasks.size + problems.length).toBeGreaterThan(0);
  everyView(workspace, zone, now);
  expect(steps).toBeLessThan(MOST_STEPS);
  expect(writeWorkspaceFile(workspace).length).toBeLessThan(5_000_000);
});

const block = { id: 'b', taskId: 'a', start: now, minutes: 30 };
const repeat = {
  id: 'r',
  title: 'Read gauge',
  notes: '',
  listId: firstList.id,
  estimate: null,
  priority: 'normal',
  rank: 0,
  start: { wall: `${date}T09:00:00`, zone },
  minutes: 30,
  rule: 'FREQ=DAILY',
  without: [],
  due: null,
};
const calendar = { id: 'c', name: 'Office', source: '', hue: 'reed', kept: [] };
const subject = { kind: 'task', taskId: 'a' };

const records: readonly (readonly [string, Record<string, readonly object[]>])[] = [
  ['a block of 9·10¹⁵ minutes', { tasks: [task('a')], blocks: [{ ...block, minutes: 9e15 }] }],
  ['a block at 9·10¹⁵', { tasks: [task('a')], blocks: [{ ...block, start: 9e15 }] }],
  ['an entry that ends at 9·10¹⁵', { entries: [{ id: 'e', subject, from: 0, to: 9e15 }] }],
  ['an entry of 200 years', { entries: [{ id: 'e', subject, from: 0, to: 7e12 }] }],
  ['an entry that ends before it begins', { entries: [{ id: 'e', subject, from: now, to: 0 }] }],
  ['a timer that runs since 1970', { entries: [{ id: 'e', subject, from: 0, to: null }] }],
  ['three timers', { entries: ['e', 'f', 'g'].map((id) => ({ id, subject, from: now, to: null })) }],
  [
    'events of 10⁷ days',
    { calendars: [calendar], events: [meeting('e', '09:00', 30, { length: { days: 1e7, seconds: 0 } })] },
  ],
  [
    '2,000 events in one hour',
    { calendars: [calendar], events: many(2000, String).map((id) => meeting(id, '09:00', 30)) },
  ],
  [
    '2,000 blocks in one hour',
    { tasks: [task('a')], blocks: many(2000, String).map((id) => ({ ...block, id })) },
  ],
  [
    '2,000 entries in one hour',
    { entries: many(2000, String).map((id) => ({ id, subject, from: now, to: now + 1e6 })) },
  ],
  ['a title of one word', { tasks: [task('a', { title: long, notes: long })] }],
  ['a repeating task each minute', { repeats: [{ ...repeat, rule: 'FREQ=MINUTELY' }] }],
  [
    'a repeating task each second in the tray',
    { repeats: [{ ...repeat, start: { wall: date, zone: null }, rule: 'FREQ=SECONDLY' }] },
  ],
  [
    'a repeating task that never comes',
    { repeats: [{ ...repeat, rule: 'FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30' }] },
  ],
  ['a repeating task without sense', { repeats: [{ ...repeat, rule: 'nonsense' }] }],
  ['a repeating task due ages later', { repeats: [{ ...repeat, due: { days: 9e15, time: null } }] }],
  [
    '20,000 times taken out',
    {
      repeats: [{ ...repeat, without: many(20_000, (i) => new Date(i * 864e5).toISOString().slice(0, 19)) }],
    },
  ],
  [
    'blocks, trays and times of tasks that are gone',
    {
      blocks: [{ ...block, holds: ['x'] }],
      tray: [{ id: 't', taskId: 'x', date }],
      entries: [{ id: 'e', subject, from: 0, to: now }],
    },
  ],
  [
    'a task in no list, of no category, needed by no meeting',
    {
      lists: [{ id: 'l', name: 'l', hue: 'reed', icon: 'pen', rank: 0 }],
      tasks: [{ ...task('a'), listId: 'x', category: 'x', neededBy: { eventId: 'x', recurrence: date } }],
    },
  ],
  [
    'a time of a repeating task that is gone',
    { tasks: [{ ...task('a'), repeats: { id: 'x', recurrence: date } }] },
  ],
  ['an event of no calendar', { events: [meeting('e', '09:00', 30)] }],
  [
    'a task that is its own meeting',
    {
      tasks: [{ ...task('a'), neededBy: { eventId: 'a', recurrence: date } }],
      events: [meeting('a', '09:00', 30)],
    },
  ],
  [
    'garbage in an exception',
    { events: [{ ...meeting('e', '09:00', 30), exceptions: [{ recurrence: 'x' }] }] },
  ],
  [
    'garbage in added times',
    { events: [{ ...meeting('e', '09:00', 30), also: [{ wall: 'never', length: null }] }] },
  ],
  ['a rank that is no number', { tasks: [{ ...task('a'), rank: 'high' }] }],
  ['an id twice', { tasks: [task('a'), task('a')], lists: [firstList, firstList] }],
  ['ids that are names of JavaScript', { tasks: [task('__proto__'), task('constructor'), task('toString')] }],
  [
    'a deletion of what is there',
    { tasks: [task('a')], deletions: [{ id: 'tasks/a', collection: 'tasks', of: 'a', at: 9e15 }] },
  ],
];

test.each(records)('workspace file: %s', (_, contents) => {
  const empty = JSON.parse(writeWorkspaceFile(workspaceOf({} satisfies Contents)));
  const { workspace } = readWorkspaceFile(JSON.stringify({ ...empty, ...contents }));
  everyView(workspace, zone, now);
  expect(steps).toBeLessThan(MOST_STEPS);
  expect(again(workspace)).toEqual(again(workspace));
});

const again = (workspace: Workspace) => readWorkspaceFile(writeWorkspaceFile(workspace)).workspace;
