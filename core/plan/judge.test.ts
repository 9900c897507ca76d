import * as fc from 'fast-check';
import { holdTask } from '../commands/groups';
import { moveEvent } from '../commands/events';
import { moveBlock, placeTask, putInTray } from '../commands/plan';
import { at, date, meeting, task, zone } from '../fixtures/make';
import type { Block } from '../model/plan';
import { workspaceOf, type Workspace } from '../model/workspace';
import { occurrencesOn } from '../calendar/occurrences';
import { MINUTE } from '../time/span';
import { addDays } from '../time/zone';
import { dayPlan } from './dayPlan';
import { cardWarning, findingLine, findingWords } from './findingWords';
import { judge, judgeAll, judgeBlock, type Finding, type Placed, type Place } from './judge';

/** A day of eight hours (9–17) with an hour of meetings, a group of an hour at 10:00, and two hours of a report at 13:00. */
const office = workspaceOf({
  tasks: [
    task('report', { estimate: 120, due: { date, time: '14:30' } }),
    task('papers', { estimate: 30, neededBy: { eventId: 'Hearing', recurrence: `${date}T15:00:00` } }),
    task('permit', { estimate: 45, due: { date: '2026-11-23', time: null } }),
    task('call', { estimate: 20 }),
    task('letter', { estimate: 50 }),
    task('done', { estimate: 30, due: { date: '2026-11-20', time: null }, doneAt: 1 }),
    task('small things'),
    task('dawn', { estimate: 5, due: { date, time: '00:00' } }),
  ],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: [
    meeting('Hearing', '15:00', 60),
    meeting('Lunch talk', '12:00', 60, { busy: false }),
    meeting('Board', `2026-11-25T09:00:00`, 480),
  ],
  blocks: [
    { id: 'r', taskId: 'report', start: at('13:00'), minutes: 120 },
    { id: 'g', taskId: 'small things', start: at('10:00'), minutes: 60, holds: ['call'] },
  ],
  tray: [{ id: 't', taskId: 'papers', date }],
});
const of = (taskId: string): Placed => ({ kind: 'task', taskId });
const hours = (start: string, minutes: number, day = date): Place => ({
  kind: 'hours',
  start: at(start, day),
  minutes,
});
const words = (what: Placed, to: Place, workspace = office) =>
  judge(workspace, { what, to }, { zone }).map(findingWords);

test.each<[string, Placed, Place, string[]]>([
  ['a good place', of('call'), hours('09:00', 30), []],
  ['touching is no collision', of('call'), hours('11:00', 60), []],
  ['a free meeting is none either', of('call'), hours('12:00', 60), []],
  ['a meeting and a block', of('call'), hours('14:45', 30), ['collides with Hearing, report']],
  ['late for its due time', of('report'), hours('16:00', 60), ['ends 2 h 30 after it is due']],
  [
    'late for its meeting',
    of('papers'),
    hours('16:00', 30),
    ['ends 1 h 30 after Hearing begins, which needs it'],
  ],
  ['what is done is never late', of('done'), hours('16:00', 30), []],
  ['after the working day', of('call'), hours('16:30', 45), ['ends 15 min after the working day']],
  [
    'more than the day has room for',
    of('letter'),
    hours('09:00', 60, '2026-11-25'),
    ['collides with Board', '1 h more than the day has room for'],
  ],
  [
    'a day off has no room',
    of('call'),
    hours('10:00', 20, '2026-11-28'),
    ['20 min more than the day has room for'],
  ],
  ['a tray that comes too late', of('permit'), { kind: 'tray', date }, ['too late: it is due before']],
  ['a tray as it is due', of('dawn'), { kind: 'tray', date }, ['too late: it is due as the day begins']],
  [
    'a tray a day later still',
    of('permit'),
    { kind: 'tray', date: '2026-11-25' },
    ['too late: it is due before', '45 min more than the day has room for'],
  ],
  [
    'a tray after the meeting',
    { kind: 'tray', id: 't', taskId: 'papers' },
    { kind: 'tray', date: '2026-11-26' },
    ['too late: Hearing needs it before'],
  ],
  ['a group that holds it', of('letter'), { kind: 'group', blockId: 'g' }, ['10 min more than fits']],
  [
    'a group that ends too late',
    of('permit'),
    { kind: 'group', blockId: 'g' },
    ['5 min more than fits', 'ends 11 h after it is due'],
  ],
  ['a block moved over itself', { kind: 'block', id: 'r', taskId: 'report' }, hours('12:30', 120), []],
  ['an event over a block, in the evening', { kind: 'newEvent' }, hours('16:30', 60), []],
  ['a new task', { kind: 'newTask' }, hours('14:00', 60), ['collides with report']],
])('%s', (_, what, to, wanted) => {
  expect(words(what, to)).toEqual(wanted);
});

test('a finding is a line of its own or part of one, and a card says the gravest of its task', () => {
  const late = judge(office, { what: of('report'), to: hours('14:00', 60) }, { zone });
  expect(late.map(({ kind }) => kind)).toEqual(['collides', 'late']);
  expect(late.map(findingLine)).toEqual(['Collides with report', 'Ends 30 min after it is due']);
  expect(cardWarning(late)).toBe('ends 30 min after it is due');
  expect(cardWarning([])).toBeNull();
});

test('of several each is judged by name, and what they mean together once', () => {
  const onto = (to: Place, ...ids: string[]) =>
    judgeAll(
      office,
      ids.map((id) => ({ what: of(id), to })),
      { zone },
    ).map(findingWords);
  expect(onto({ kind: 'group', blockId: 'g' }, 'letter', 'permit', 'papers')).toEqual([
    '1 h 25 more than fits',
    'permit ends 11 h after it is due',
  ]);
  expect(onto({ kind: 'tray', date: '2026-11-25' }, 'permit', 'call')).toEqual([
    'too late for permit: it is due before',
    '1 h 5 more than the day has room for'.replace('1 h 5', '1 h 05'),
  ]);
  expect(onto(hours('09:00', 20), 'call')).toEqual([]);
});

describe('what is judged is what is then drawn', () => {
  const anyHours = fc.record({
    kind: fc.constant('hours' as const),
    start: fc.integer({ min: 0, max: 4 * 96 }).map((quarter) => at('00:00') + quarter * 15 * MINUTE),
    minutes: fc.integer({ min: 5, max: 600 }),
  });
  const open = ['report', 'papers', 'permit', 'call', 'letter'];
  const blockIn = (workspace: Workspace, id: string): Block => {
    const block = workspace.blocks.get(id);
    if (!block) throw new Error(`no block ${id}`);
    return block;
  };
  const overDays = (findings: readonly Finding[]) =>
    findings.flatMap((finding) => (finding.kind === 'overDay' ? [[finding.date, finding.minutes]] : []));

  test('for a task onto any hour, and for a block moved to any', () => {
    fc.assert(
      fc.property(fc.constantFrom(...open), anyHours, (taskId, to) => {
        const placed = placeTask.apply(office, { id: 'new', taskId, start: to.start, minutes: to.minutes });
        expect(judge(office, { what: of(taskId), to }, { zone })).toEqual(
          judgeBlock(placed, blockIn(placed, 'new'), { zone }),
        );
        const moved = moveBlock.apply(office, { id: 'g', start: to.start, minutes: to.minutes });
        const group = { kind: 'block', id: 'g', taskId: 'small things' } as const;
        expect(judge(office, { what: group, to }, { zone })).toEqual(
          judgeBlock(moved, blockIn(moved, 'g'), { zone }),
        );
      }),
      { numRuns: 150 },
    );
  });

  test('for a day’s load, whatever is moved and wherever to', () => {
    const anyWhat = fc.constantFrom<Placed[]>(
      ...open.map(of),
      { kind: 'tray', id: 't', taskId: 'papers' },
      { kind: 'block', id: 'r', taskId: 'report' },
    );
    const anyTray = fc.integer({ min: 0, max: 3 }).map((days) => ({
      kind: 'tray' as const,
      date: addDays(date, days),
    }));
    fc.assert(
      fc.property(anyWhat, fc.oneof(anyHours, anyTray), (what, to) => {
        if (!('taskId' in what)) return;
        const { taskId } = what;
        const from = {
          trayId: what.kind === 'tray' ? what.id : undefined,
          blockId: what.kind === 'block' ? what.id : undefined,
        };
        const lifted = putInTray.apply(office, { id: 'lifted', taskId, date: '2027-01-04', ...from });
        const after =
          to.kind === 'tray'
            ? putInTray.apply(lifted, { id: 'new', taskId, date: to.date, trayId: 'lifted' })
            : placeTask.apply(lifted, { id: 'new', taskId, ...to, trayId: 'lifted' });
        for (const [day, minutes] of overDays(judge(office, { what, to }, { zone })))
          expect(dayPlan(after, String(day), zone).load.free).toBe(-Number(minutes));
      }),
      { numRuns: 150 },
    );
  });

  test('for what a group holds, and for a meeting that takes room', () => {
    const held = holdTask.apply(office, { id: 'g', taskId: 'letter' });
    expect(judge(office, { what: of('letter'), to: { kind: 'group', blockId: 'g' } }, { zone })).toEqual(
      judgeBlock(held, blockIn(held, 'g'), { zone }),
    );
    fc.assert(
      fc.property(anyHours, (to) => {
        const [event] = occurrencesOn(office.events, '2026-11-25', zone);
        if (!event) throw new Error('the board meets');
        const start = { wall: new Date(to.start).toISOString().slice(0, 19), zone };
        const after = moveEvent.apply(office, {
          id: 'Board',
          recurrence: event.recurrence,
          scope: 'all',
          newId: 'x',
          changes: { start, length: { days: 0, seconds: to.minutes * 60 } },
        });
        const found = overDays(judge(office, { what: { kind: 'event', event }, to }, { zone }));
        for (const [day, minutes] of found)
          expect(dayPlan(after, String(day), zone).load.free).toBe(-Number(minutes));
      }),
      { numRuns: 80 },
    );
  });
});
