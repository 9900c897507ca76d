import * as fc from 'fast-check';
import { occurrencesOf } from '../calendar/occurrences';
import { repeatOf, ruleOf, ruleWords } from '../calendar/repeat';
import { ruleStarts } from '../calendar/rule';
import { task } from '../fixtures/make';
import { plainEvent, type CalendarEvent } from '../model/event';
import { workspaceOf, type Workspace } from '../model/workspace';
import { instantOf, wallOf } from '../time/zone';
import { applyChanges, changesBetween, reversed } from './changes';
import { deleteEvent, editEvent, moveEvent, repeatEvent, type Scope } from './events';

const zone = 'Europe/London';
const range = { from: instantOf('2026-01-01', zone), to: instantOf('2028-01-01', zone) };
const event = (rule: string, wall = '2026-02-02T09:00:00'): CalendarEvent => ({
  ...plainEvent,
  id: 'c/a',
  calendarId: 'c',
  uid: 'a',
  title: 'Crew call',
  start: { wall, zone },
  length: { days: 0, seconds: 1800 },
  rule,
});
const times = (workspace: Workspace) =>
  workspace.events
    .values()
    .flatMap((each) => occurrencesOf(each, range, zone))
    .map(({ from, to, title }) => `${wallOf(from, zone)} ${(to - from) / 60_000} ${title}`)
    .sort();
const at = (recurrence: string, scope: Scope) => ({ id: 'c/a', recurrence, scope, newId: 'new' });

const rules = [
  'FREQ=DAILY;COUNT=60',
  'FREQ=DAILY;INTERVAL=3',
  'FREQ=WEEKLY;BYDAY=MO,TH',
  'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,WE;COUNT=30',
  'FREQ=MONTHLY;BYDAY=1MO;COUNT=14',
  'FREQ=MONTHLY',
  'FREQ=WEEKLY;UNTIL=20270301T090000Z',
];
const anySeries = fc
  .record({
    rule: fc.constantFrom(...rules),
    cut: fc.nat(25),
    held: fc.nat(25),
    hours: fc.integer({ min: -8, max: 13 }),
  })
  .map(({ rule, cut, held, hours }) => {
    const starts = ruleStarts(rule, '2026-02-02T09:00:00', zone, '2026-02-02', '2027-10-01');
    const pick = (n: number) => starts[n % starts.length] ?? '';
    const start = (recurrence: string) => ({
      wall: new Date(Date.parse(`${recurrence}Z`) + hours * 3_600_000).toISOString().slice(0, 19),
      zone,
    });
    // an occurrence that was changed before
    const before = editEvent.apply(workspaceOf({ events: [event(rule)] }), {
      ...at(pick(held), 'one'),
      changes: { title: 'Crew call in the boat shed' },
    });
    return { before, recurrence: pick(cut), start: start(pick(cut)) };
  });

test('whatever is changed from an occurrence on, those before it stay, the others move alike, and undo gives all back', () => {
  fc.assert(
    fc.property(anySeries, ({ before, recurrence, start }) => {
      const after = moveEvent.apply(before, { ...at(recurrence, 'later'), changes: { start } });
      const [was, is] = [times(before), times(after)];
      const early = (list: string[]) =>
        list.filter((name) => name.slice(0, 19) < recurrence && name.slice(0, 19) < start.wall);
      const stays = was.filter((name) => name.slice(0, 19) < recurrence);
      expect(is).toEqual(expect.arrayContaining(stays));
      expect(early(is)).toEqual(early(was));
      if (before.events.get('c/a')?.rule?.includes('MONTHLY') === false) expect(is).toHaveLength(was.length);
      expect(times(applyChanges(after, reversed(changesBetween(before, after))))).toEqual(was);
    }),
    { numRuns: 100 },
  );
});

test('a change of this and later that changes no hours gives the same hours', () => {
  fc.assert(
    fc.property(anySeries, ({ before, recurrence }) => {
      const after = editEvent.apply(before, { ...at(recurrence, 'later'), changes: { location: 'Weir' } });
      expect(times(after)).toEqual(times(before));
    }),
    { numRuns: 40 },
  );
});

test('a change of one occurrence leaves all others alone', () => {
  fc.assert(
    fc.property(anySeries, ({ before, recurrence, start }) => {
      const after = moveEvent.apply(before, { ...at(recurrence, 'one'), changes: { start } });
      const [was, is] = [times(before), times(after)];
      const others = was.filter((name) => !name.startsWith(recurrence));
      expect(is).toEqual(expect.arrayContaining(others));
      expect(is.filter((name) => name.startsWith(start.wall)).length).toBeGreaterThan(0);
      expect(is).toHaveLength(was.length);
    }),
    { numRuns: 60 },
  );
});

test('all of a weekly series moves to another day and hour, across clock changes', () => {
  const before = workspaceOf({ events: [event('FREQ=WEEKLY;BYDAY=MO;COUNT=10')] });
  const after = moveEvent.apply(before, {
    ...at('2026-02-16T09:00:00', 'all'),
    changes: { start: { wall: '2026-02-17T14:00:00', zone } },
  });
  expect(times(after).map((name) => name.slice(0, 16))).toEqual(
    times(before).map(
      (name) =>
        `${wallOf(Date.parse(`${name.slice(0, 10)}T00:00:00Z`) + 86_400_000, 'UTC').slice(0, 10)}T14:00`,
    ),
  );
});

test('another rule keeps the changed times that it has, and lets the others go', () => {
  const weekly = workspaceOf({ events: [event('FREQ=WEEKLY;COUNT=6')] });
  const changes = { title: 'Crew call in the boat shed' };
  const workspace = editEvent.apply(weekly, { ...at('2026-02-09T09:00:00', 'one'), changes });
  const two = editEvent.apply(workspace, { ...at('2026-02-16T09:00:00', 'one'), changes });
  const after = repeatEvent.apply(two, { id: 'c/a', rule: 'FREQ=WEEKLY;INTERVAL=2;COUNT=2' });
  expect(times(after)).toEqual([
    '2026-02-02T09:00:00 30 Crew call',
    '2026-02-16T09:00:00 30 Crew call in the boat shed',
  ]);
});

test('deleting one, this and later, or all', () => {
  const before = workspaceOf({ events: [event('FREQ=DAILY;COUNT=5')] });
  const left = (scope: Scope) =>
    times(deleteEvent.apply(before, at('2026-02-04T09:00:00', scope))).map((name) => name.slice(8, 10));
  expect([left('one'), left('later'), left('all')]).toEqual([['02', '03', '05', '06'], ['02', '03'], []]);
});

test.each([
  ['FREQ=DAILY', 'every day'],
  ['FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR', 'every weekday'],
  ['FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TH', 'every 2 weeks on Monday and Thursday'],
  ['FREQ=MONTHLY;BYDAY=-1TU;COUNT=6', 'every month on the last Tuesday, 6 times'],
  ['FREQ=MONTHLY;INTERVAL=3', 'every 3 months on day 24'],
  ['FREQ=YEARLY;UNTIL=20300101T235959', 'every year on 24 November, until 1 January 2030'],
  ['FREQ=YEARLY;BYWEEKNO=20', 'by a rule of its own'],
])('%s is said as “%s”, and what can be chosen comes back as it was', (rule, words) => {
  expect(ruleWords(rule, '2026-11-24', { dates: 'dayFirst' })).toBe(words);
  const repeat = repeatOf(rule);
  if (repeat) expect(ruleOf(repeat, '2026-11-24')).toBe(rule);
});

test('a task needed by an occurrence, and time spent in it, go along when the series moves or is split', () => {
  const needed = (recurrence: string) => ({ eventId: 'c/a', recurrence });
  const before = workspaceOf({
    events: [event('FREQ=WEEKLY;COUNT=4')],
    tasks: [task('t', { neededBy: needed('2026-02-16T09:00:00') })],
    entries: [
      {
        id: 'e',
        subject: { kind: 'event', occurrence: 'c/a@2026-02-02T09:00:00', title: 'Crew call' },
        from: 0,
        to: 60_000,
      },
    ],
  });
  const changes = { start: { wall: '2026-02-09T14:00:00', zone } };
  const after = (scope: Scope) => {
    const workspace = moveEvent.apply(before, { ...at('2026-02-09T09:00:00', scope), changes });
    const subject = workspace.entries.get('e')?.subject;
    const spent = subject?.kind === 'event' ? subject.occurrence : '';
    return [workspace.tasks.get('t')?.neededBy, spent];
  };
  expect(after('all')).toEqual([needed('2026-02-16T14:00:00'), 'c/a@2026-02-02T14:00:00']);
  expect(after('later')).toEqual([
    { eventId: 'c/new', recurrence: '2026-02-16T14:00:00' },
    'c/a@2026-02-02T09:00:00',
  ]);
});
