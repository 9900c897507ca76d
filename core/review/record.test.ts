import * as fc from 'fast-check';
import { put } from '../commands/command';
import { leaveOpen } from '../commands/days';
import { mend, mendAll } from '../commands/mend';
import { placeTask } from '../commands/plan';
import { addEntry } from '../commands/track';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { workspaceOf, type Workspace } from '../model/workspace';
import { MINUTE, minutesOf, overlaps } from '../time/span';
import { timeOf } from '../time/zone';
import { daySaid } from './daySaid';
import { asPlanned, dayRecord } from './record';

const base = workspaceOf({
  tasks: [task('Report'), task('Letter')],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: [meeting('Forum', '11:30', 30)],
});
const office = placeTask.apply(base, { id: 'b', taskId: 'Report', start: at('09:00'), minutes: 90 });
const timed = (workspace: Workspace, id: string, taskId: string, from: string, to: string) =>
  addEntry.apply(workspace, { id, subject: { kind: 'task', taskId }, from: at(from), to: at(to) });
const told = (workspace: Workspace, now = at('12:00')) =>
  dayRecord(workspace, date, zone, now).doubts.map(
    ({ kind, from, to, offers }) =>
      `${kind} ${timeOf(from, zone)}-${timeOf(to, zone)}: ${offers.map((one) => (one.kind === 'task' ? one.taskId : one.title)).join(', ')}`,
  );

test('what has no record is told stretch by stretch, with what was planned in it and what lies next to it', () => {
  expect(told(timed(office, 'e', 'Report', '09:10', '10:00'))).toEqual([
    'open 09:00-09:10: Report',
    'open 10:00-10:30: Report',
    'open 10:30-11:30: ',
    'open 11:30-12:00: Forum',
  ]);
  expect(told(timed(office, 'e', 'Letter', '10:30', '12:00'))).toEqual([
    'open 09:00-10:30: Report, Letter',
    'long 11:30-12:00: Forum, Letter',
  ]);
});

test('what is recorded twice is told with all that claims it; what is left open on purpose is not', () => {
  const twice = timed(timed(office, 'e', 'Report', '09:00', '11:00'), 'f', 'Letter', '10:45', '11:45');
  expect(told(twice, at('11:45'))).toEqual(['double 10:45-11:00: Report, Letter']);
  const left = leaveOpen.apply(office, { date, span: { from: at('09:00'), to: at('12:00') } });
  expect(told(left)).toEqual([]);
  expect(dayRecord(left, date, zone, at('12:00'))).toMatchObject({ open: 0, left: 180, recorded: 0 });
});

test('a timer that ran on is told from where it should have ended; what was put in by hand was meant', () => {
  const short = put(office, 'tasks', { ...task('Letter'), estimate: 30 });
  const ran = timed(short, 'e', 'Letter', '09:00', '11:15');
  expect(told(ran, at('11:15'))).toEqual(['long 09:30-10:30: Report, Letter', 'long 10:30-11:15: Letter']);
  expect(told(timed(short, 'e', 'Letter', '09:00', '10:25'), at('10:25'))).toEqual([]);
  expect(dayRecord(ran, date, zone, at('11:15'))).toMatchObject({ long: 105, open: 0 });
  const span = { from: at('09:30'), to: at('11:15') };
  const kept = mend.apply(ran, { span, subject: { kind: 'task', taskId: 'Letter' }, newId: () => 'g' });
  expect(told(kept, at('11:15'))).toEqual([]);
  const lunch = { from: at('10:45'), to: at('11:00') };
  let pieces = 0;
  const newId = () => `piece ${(pieces += 1)}`;
  const cut = mend.apply(ran, { span: lunch, subject: { kind: 'task', taskId: 'Report' }, newId });
  expect(told(cut, at('11:15'))).toEqual([
    'long 09:30-10:30: Report, Letter',
    'long 10:30-10:45: Letter',
    'long 11:00-11:15: Letter',
  ]);
  const inForum = { kind: 'event', occurrence: 'Forum@2026-11-24T11:30:00', title: 'Forum' } as const;
  const through = addEntry.apply(short, { id: 'e', subject: inForum, from: at('09:00'), to: at('12:00') });
  expect(told(through, at('12:00'))).toEqual([
    'long 09:30-10:30: Report, Forum',
    'long 10:30-11:30: Forum',
    'long 11:30-12:00: Forum',
  ]);
});

test('all that has no record and lies in something planned is filled with it in one step, and nothing else', () => {
  const begun = timed(office, 'e', 'Report', '09:10', '10:00');
  const fillings = asPlanned(begun, date, zone, dayRecord(begun, date, zone, at('12:00')));
  let made = 0;
  const filled = mendAll.apply(begun, { fillings, newId: () => `m${(made += 1)}` });
  expect(told(filled)).toEqual(['open 10:30-11:30: Report, Forum']);
  expect(dayRecord(filled, date, zone, at('12:00'))).toMatchObject({ recorded: 120, double: 0, long: 0 });
});

test('a day that has not begun asks for nothing', () => {
  expect(told(office, at('07:00'))).toEqual([]);
});

test('recorded, left open and open are apart, and no more than what is asked for', () => {
  const entries = fc.array(
    fc.record({ from: fc.integer({ min: 0, max: 1400 }), minutes: fc.integer({ min: 1, max: 1600 }) }),
    { maxLength: 6 },
  );
  fc.assert(
    fc.property(entries, fc.integer({ min: 0, max: 1440 }), (list, until) => {
      const lived = list.reduce((workspace, { from, minutes }, i) => {
        const start = at('00:00') + from * MINUTE;
        const subject = { kind: 'task', taskId: i % 2 ? 'Report' : 'Letter' } as const;
        return addEntry.apply(workspace, { id: `e${i}`, subject, from: start, to: start + minutes * MINUTE });
      }, office);
      const record = dayRecord(lived, date, zone, at('00:00') + until * MINUTE);
      expect(record.recorded + record.open + record.left).toBeLessThanOrEqual(minutesOf(record.asked));
      const open = record.doubts.filter(({ kind }) => kind === 'open');
      expect(minutesOf(open)).toBe(record.open);
      for (const gap of open)
        for (const entry of lived.entries.values())
          expect(overlaps(gap, { from: entry.from, to: entry.to ?? 0 })).toBe(false);
    }),
    { numRuns: 60 },
  );
});

test('at the end it is said what was done, where the rest goes, and what the next day begins with', () => {
  const lived = timed(office, 'e', 'Report', '09:00', '10:00');
  const moved = placeTask.apply(lived, {
    id: 'n',
    taskId: 'Report',
    start: at('10:00', '2026-11-25'),
    minutes: 30,
  });
  expect(daySaid(moved, date, zone, at('18:00'))).toEqual([
    '2 h planned, 1 h of it done · 1 h recorded',
    'Report goes to Wed 25 Nov, 10:00 · Wed 25 Nov: 30 min of 8 h planned, first Report at 10:00',
  ]);
});
