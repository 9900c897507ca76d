import { lengthenDay, setCapacity } from '../commands/frames';
import { placeTask } from '../commands/plan';
import { editTask } from '../commands/tasks';
import { addEntry } from '../commands/track';
import { meeting, task, zone } from '../fixtures/make';
import type { Task } from '../model/task';
import { workspaceOf, type Workspace } from '../model/workspace';
import { instantOf } from '../time/zone';
import { feasible, tightOn } from './feasible';
import { mendsOf } from './mends';
import { tightWords } from './words';
import { leftWords, mendWords } from './mendWords';

const on = (wall: string) => instantOf(`2026-11-${wall}`, zone);
const now = on('24T15:00');
const hearing = meeting('c/x', '2026-11-25T11:00:00', 120, { title: 'Weir hearing' });
const neededBy = { eventId: 'c/x', recurrence: '2026-11-25T11:00:00' };
const office = (tasks: Task[]) =>
  workspaceOf({
    tasks,
    events: [hearing],
    calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  });
const said = (workspace: Workspace, date = '2026-11-25') => {
  const found = tightOn(workspace, date, zone, now);
  return found && tightWords(found, workspace, zone, now);
};
const due = (date: string, time: string | null = null) => ({ due: { date: `2026-11-${date}`, time } });

test('tasks that a meeting needs are held against the room until it begins', () => {
  const workspace = office([
    task('Papers', { estimate: 180, neededBy }),
    task('Map', { estimate: 120, neededBy }),
  ]);
  // two hours are left today, and two before the hearing
  expect(said(workspace)).toBe('Until Weir hearing, tomorrow 11:00: 5 h of work, 4 h free; 1 h short');
  expect(said(workspace, '2026-11-24')).toBeUndefined();
  expect(said(editTask.apply(workspace, { id: 'Map', estimate: 60 }))).toBeUndefined();
});

test('what is planned in time or spent needs no more room; a block after the meeting does not help', () => {
  const workspace = office([task('Papers', { estimate: 300, neededBy })]);
  const spent = addEntry.apply(workspace, {
    id: 'e',
    subject: { kind: 'task', taskId: 'Papers' },
    from: on('24T09:00'),
    to: on('24T10:00'),
  });
  expect(said(spent)).toBeUndefined();
  const placedAt = (wall: string) =>
    placeTask.apply(workspace, { id: 'b', taskId: 'Papers', start: on(wall), minutes: 60 });
  expect(said(placedAt('25T17:00'))).toContain('5 h of work, 4 h free');
  expect(said(placedAt('24T18:00'))).toBeUndefined();
});

test('what is due earlier takes its time first; what is overdue is told apart', () => {
  const workspace = office([
    task('Reply', { estimate: 90, ...due('24') }),
    task('Papers', { estimate: 180, neededBy }),
    task('Licence', due('23')),
  ]);
  expect(said(workspace)).toContain('4 h 30 of work, 4 h free; 30 min short');
  expect(said(office([task('Reply', { estimate: 150, ...due('24') })]), '2026-11-24')).toBe(
    'Until the end of today: 2 h 30 of work, 2 h free; 30 min short',
  );
  expect(feasible(workspace, zone, now).overdue.map(({ id }) => id)).toEqual(['Licence']);
});

test('what is not to be begun before a day has only the room from then on', () => {
  const late = task('Photos', {
    estimate: 300,
    notBefore: { date: '2026-11-25', time: '13:00' },
    ...due('25'),
  });
  const workspace = office([late, task('Reply', due('25'))]);
  expect(said(workspace)).toBe(
    'From tomorrow 13:00 until the end of tomorrow: 5 h of work, 4 h free; 1 h short',
  );
});

test('what waits for another begins after it and pulls its deadline along', () => {
  const plan = [
    task('Survey', { estimate: 240, notBefore: { date: '2026-11-25', time: null } }),
    task('Report', { estimate: 60, waitsFor: ['Survey'], ...due('25', '11:00') }),
  ];
  // two hours are free before the hearing; the report cannot be written today
  expect(said(office(plan))).toContain('5 h of work, 2 h free; 3 h short');
  const [survey, report] = plan.map((one) => ({
    ...one,
    waitsFor: one.id === 'Survey' ? ['Report'] : ['Survey'],
  }));
  // a circle of tasks that wait for each other is no reason to stop
  expect(feasible(office([survey!, report!]), zone, now).tight).toHaveLength(1);
});

describe('changes that mend', () => {
  const workspace = [
    { id: 'block', taskId: 'Photos', start: on('24T15:00'), minutes: 60 },
    { id: 'pinned', taskId: 'Photos', start: on('25T09:00'), minutes: 60, pinned: true as const },
  ].reduce(
    (before, { pinned, ...block }) => {
      const after = placeTask.apply(before, block);
      const placed = after.blocks.get(block.id);
      return pinned && placed ? { ...after, blocks: after.blocks.with([{ ...placed, pinned }]) } : after;
    },
    office([
      task('Photos', { estimate: 120 }),
      task('Papers', { estimate: 120, neededBy }),
      task('Map', { estimate: 60, priority: 'low', neededBy }),
    ]),
  );
  const found = feasible(workspace, zone, now);
  const [tight] = found.tight;
  const mends = tight ? mendsOf(workspace, found, tight, zone, now) : [];

  test('are named with what they would leave', () => {
    expect(tight && tightWords(tight, workspace, zone, now)).toContain('3 h of work, 2 h free; 1 h short');
    expect(mends.map((mend) => mendWords(mend, workspace, zone, now))).toEqual([
      'Move Photos to tomorrow 13:00',
      'Work 1 h longer today, until 18:00',
      'Give Papers 1 h, not 2 h',
      'Park Map',
    ]);
    expect(mends.every(({ left }) => left === 0)).toBe(true);
  });

  test('what begins later can begin earlier, and a meeting in the way is named with what its moving leaves', () => {
    const late = { notBefore: { date: '2026-11-25', time: null }, ...due('25', '17:00') };
    const stood = meeting('c/y', '2026-11-25T14:00:00', 60, { title: 'Team week' });
    const free = office([task('Survey', { estimate: 300, ...late }), task('Log', { estimate: 60, ...late })]);
    const busy = { ...free, events: free.events.with([stood]) };
    const all = feasible(busy, zone, now);
    const [first] = all.tight;
    const offered = first ? mendsOf(busy, all, first, zone, now) : [];
    const said = offered.map((one) => [mendWords(one, busy, zone, now), leftWords(one)]);
    expect(first && tightWords(first, busy, zone, now)).toBe(
      'From tomorrow until tomorrow 17:00: 6 h of work, 5 h free; 1 h short',
    );
    expect(said).toContainEqual(['Begin Log earlier', '']);
    expect(said).toContainEqual(['Move Team week, tomorrow 14:00', '']);
    expect(said).toContainEqual(['Give Survey 4 h, not 5 h', '']);
    // each is true: without the meeting, and with the day it gives, nothing is short
    expect(feasible(free, zone, now).tight).toEqual([]);
  });

  test('an hour that is said for a day is less than its zones, and working more of it mends', () => {
    const short = setCapacity.apply(office([task('Papers', { estimate: 180, ...due('24') })]), {
      date: '2026-11-24',
      minutes: 60,
    });
    const all = feasible(short, zone, now);
    const [first] = all.tight;
    expect(first?.free).toBe(60);
    const longer =
      first && mendsOf(short, all, first, zone, now).find(({ change }) => change.kind === 'longer');
    expect(longer && mendWords(longer, short, zone, now)).toBe('Work 1 h longer today');
    expect(longer && leftWords(longer)).toBe('1 h would still be short');
    if (longer?.change.kind !== 'longer') throw new Error('no longer day');
    const after = lengthenDay.apply(short, longer.change);
    expect(feasible(after, zone, now).tight.map((one) => one.short)).toEqual([longer.left]);
  });

  test('are true: a block that moves away leaves nothing short', () => {
    const [first] = mends;
    if (first?.change.kind !== 'move') throw new Error('no move');
    const { block, start } = first.change;
    const moved = { ...workspace, blocks: workspace.blocks.with([{ ...block, start }]) };
    expect(feasible(moved, zone, now).tight).toEqual([]);
  });
});
