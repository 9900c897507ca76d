import * as fc from 'fast-check';
import { moveBlock, placeTask, putInTray, takeBlockOff } from '../commands/plan';
import { answerLate, openWeek, sealWeek } from '../commands/seals';
import { deleteZone } from '../commands/frames';
import { mergeCategories } from '../commands/categories';
import { tickOff } from '../commands/tasks';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { hours, office, withZones, zoneOf } from '../fixtures/zones';
import { FIRST_FRAME } from '../model/firstFrame';
import { sealOn } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { ledger } from '../review/ledger';
import { MINUTE } from '../time/span';
import { dayOf } from '../time/zone';
import { zonesOn } from '../frame/zones';
import { dayPlan } from './dayPlan';
import { lateMeetings, putOffMeetings, weeksWithLate } from './late';
import { laterTimes, notThisWeekText } from './otherTimes';
import { sealOf, weekToSeal } from './sealing';
import { sinceWords } from './sealWords';
import { driftOf, sinceSeal } from './sinceSeal';

const week = '2026-11-23';
const sealedAt = at('16:40', '2026-11-20');

const base: Workspace = {
  ...withZones(office, zoneOf('Open', { ...hours(14, 120), days: [2], openness: 'open' })),
};
const planned: Workspace = {
  ...base,
  tasks: base.tasks.with(['a', 'b', 'c'].map((id) => task(id))),
  blocks: base.blocks.with([
    { id: 'A', taskId: 'a', start: at('09:00'), minutes: 60 },
    { id: 'B', taskId: 'b', start: at('10:00'), minutes: 90 },
  ]),
  tray: base.tray.with([{ id: 'C', taskId: 'c', date }]),
  events: base.events.with([meeting('Team', '12:00', 30)]),
  calendars: base.calendars.with([{ id: 'c', name: 'Office', source: 'office.ics', hue: 'slate', kept: [] }]),
};
const sealedFrom = (workspace: Workspace, today = date) =>
  sealWeek.apply(workspace, { seal: sealOf(workspace, week, zone, sealedAt), today });
const sealed = sealedFrom(planned);
const since = (workspace: Workspace) => {
  const seal = sealOn(workspace, date);
  if (!seal) throw new Error('the week is sealed');
  return sinceSeal(workspace, seal, zone);
};
const changesOf = (workspace: Workspace) =>
  since(workspace).drifts.map(({ change, title }) => `${change} ${title}`);

test('what is added, moved and dropped since the seal is told and summed', () => {
  expect(sinceWords(since(sealed))).toBe('nothing has changed');
  let later = moveBlock.apply(sealed, { id: 'A', start: at('15:00') });
  later = takeBlockOff.apply(later, { id: 'B' });
  later = { ...later, events: later.events.with([meeting('Late', '16:00', 45)]) };
  expect(changesOf(later)).toEqual(['added Late', 'moved a', 'dropped b']);
  expect(sinceWords(since(later))).toBe('−45 min, 1 added, 1 moved, 1 dropped');
  expect(driftOf(since(later), 'block', 'A')).toMatchObject({ was: { from: at('09:00') } });
  expect(driftOf(since(later), 'block', 'B')).toBeUndefined();
});

test('a task that gets an hour on the day of its tray, or is done, stands as it was meant to', () => {
  const placed = placeTask.apply(sealed, {
    id: 'new',
    taskId: 'c',
    start: at('13:00'),
    minutes: 60,
    trayId: 'C',
  });
  expect(since(placed)).toEqual({ drifts: [], minutes: 0 });
  const done = takeBlockOff.apply(tickOff.apply(sealed, { id: 'b', at: at('09:30') }), { id: 'B' });
  expect(changesOf(done)).toEqual([]);
});

test('taken off and placed again is moved, into a tray too; in another week it is moved there', () => {
  const again = placeTask.apply(takeBlockOff.apply(sealed, { id: 'A' }), {
    id: 'other',
    taskId: 'a',
    start: at('15:00'),
    minutes: 60,
  });
  expect(changesOf(again)).toEqual(['moved a']);
  const laid = putInTray.apply(sealed, { id: 'T', taskId: 'a', date, blockId: 'A' });
  expect(changesOf(laid)).toEqual(['moved a']);
  const nextWeek = moveBlock.apply(sealed, { id: 'A', start: at('09:00', '2026-12-01') });
  expect(since(nextWeek)).toMatchObject({ drifts: [{ change: 'moved', title: 'a' }], minutes: -60 });
});

test('a change of the frame leaves a sealed week alone, until the seal is taken off', () => {
  const monday = { frameId: FIRST_FRAME, week };
  const changed = deleteZone.apply(sealed, { ...monday, id: 'Office' });
  const names = (workspace: Workspace) => zonesOn(workspace, date, zone).map((one) => one.zone.name);
  expect(names(changed)).toEqual(['Office', 'Open']);
  expect(zonesOn(changed, '2026-12-01', zone).map((one) => one.zone.name)).toEqual(['Open']);
  const opened = openWeek.apply(changed, { week, at: at('11:00'), today: date });
  expect(names(opened)).toEqual(['Open']);
  const again = sealWeek.apply(opened, { seal: sealOf(opened, week, zone, at('12:00')), today: date });
  expect(again.seals.get(week)?.earlier).toEqual([{ at: sealedAt, openedAt: at('11:00') }]);
});

test('what cannot be sealed or opened is refused', () => {
  expect(() => sealedFrom(sealed)).toThrow('sealed already');
  expect(() => sealedFrom(planned, '2026-11-30')).toThrow('has ended');
  expect(() => openWeek.apply(sealed, { week, at: 0, today: '2026-11-30' })).toThrow('keeps its seal');
});

test('a meeting of a file that comes late waits for an answer; put off it takes no time, and other times can be sent', () => {
  const late = meeting('Late', '09:30', 45);
  const own = meeting('Own', '11:00', 30, { madeHere: true });
  const came = { ...sealed, events: sealed.events.with([late, own]) };
  const seal = sealOn(came, date);
  if (!seal) throw new Error('the week is sealed');
  const [found, ...more] = lateMeetings(came, seal, zone);
  if (!found) throw new Error('it came late');
  expect([found.title, more]).toEqual(['Late', []]);
  // what a later file brings is counted without what waited before it
  const joined = { ...came, events: came.events.with([meeting('Later', '15:00', 30)]) };
  expect(weeksWithLate(sealed, came, zone, date)).toEqual([{ week, count: 1 }]);
  expect(weeksWithLate(came, joined, zone, date)).toEqual([{ week, count: 1 }]);
  expect(weeksWithLate(joined, joined, zone, date)).toEqual([]);
  const answered = answerLate.apply(came, { week, meeting: found.id, answer: 'notThisWeek' });
  const after = sealOn(answered, date);
  expect(after && lateMeetings(answered, after, zone)).toEqual([]);
  expect(after && putOffMeetings(answered, after, zone)).toMatchObject([{ title: 'Late', busy: false }]);
  const busy = (workspace: Workspace) => dayPlan(workspace, date, zone).load.meetings;
  expect(busy(came) - busy(answered)).toBe(45);
  expect(notThisWeekText(answered, found, week, zone, at('12:00'))).toContain('- Tue 1 Dec, 14:00 – 16:00');
  const first = { from: at('14:00', '2026-12-01'), to: at('16:00', '2026-12-01') };
  expect(laterTimes(answered, week, 45, zone, at('12:00'))[0]).toEqual(first);
  expect(laterTimes(answered, week, 180, zone, at('12:00'))[0]?.from).toBe(at('09:00', '2026-11-30'));
});

test('the ledger compares with the sealed plan or with the last one', () => {
  const later = takeBlockOff.apply(sealed, { id: 'B' });
  const sums = (yardstick: 'last' | 'sealed') =>
    ledger(later, dayOf(date, zone), zone, at('18:00'), yardstick).sums.planned;
  expect([sums('last'), sums('sealed')]).toEqual([90, 180]);
});

test('the next week is offered to be sealed once work of this one is at its last day, and it is planned', () => {
  const next = {
    ...planned,
    blocks: planned.blocks.with([{ id: 'N', taskId: 'a', start: at('09:00', '2026-12-01'), minutes: 60 }]),
  };
  expect(weekToSeal(next, '2026-11-26', zone)).toBeUndefined();
  expect(weekToSeal(next, '2026-11-27', zone)).toBe('2026-11-30');
  expect(weekToSeal(planned, '2026-11-27', zone)).toBeUndefined();
});

test('merged categories are one in a sealed week, too', () => {
  const categories = ['x', 'y'].map((id, rank) => ({ id, name: id, hue: 'iris' as const, rank }));
  const framed = withZones(zoneOf('W', { category: 'x', categories: ['x', 'y'] }));
  const some: Workspace = {
    ...framed,
    categories: framed.categories.with(categories),
    targets: framed.targets.with([{ id: 'x', category: 'x', least: 60, most: null }]),
  };
  const merged = mergeCategories.apply(sealedFrom(some), { id: 'x', into: 'y' });
  expect(merged.seals.get(week)).toMatchObject({
    zones: [{ category: 'y', categories: ['y'] }],
    targets: [{ category: 'y', least: 60 }],
  });
});

const anyMove = fc.record({
  block: fc.constantFrom('A', 'B'),
  minute: fc.integer({ min: 0, max: 7 * 24 * 60 - 91 }),
  minutes: fc.integer({ min: 1, max: 90 }),
});

test('however blocks are moved about, the sum is what the week has more, and moving back leaves nothing', () => {
  const monday = dayOf(week, zone).from;
  fc.assert(
    fc.property(fc.array(anyMove, { maxLength: 6 }), (moves) => {
      const later = moves.reduce(
        (workspace, { block, minute, minutes }) =>
          moveBlock.apply(workspace, { id: block, start: monday + minute * MINUTE, minutes }),
        sealed,
      );
      const total = later.blocks.values().reduce((sum, { minutes }) => sum + minutes, 0);
      expect(since(later).minutes).toBe(total - 150);
      const back = sealed.blocks
        .values()
        .reduce((workspace, block) => moveBlock.apply(workspace, block), later);
      expect(since(back)).toEqual({ drifts: [], minutes: 0 });
    }),
  );
});
