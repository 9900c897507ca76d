import { deleteEvent, moveEvent } from '../commands/events';
import { endMeeting } from '../commands/days';
import { placeTask } from '../commands/plan';
import { tickOff } from '../commands/tasks';
import { meeting, task, zone } from '../fixtures/make';
import { workspaceOf, type Workspace } from '../model/workspace';
import { plannedOn } from '../review/planned';
import { dayOf, instantOf } from '../time/zone';
import { dayPlan } from './dayPlan';
import { sealOf } from './sealing';
import { freedBy, whatFits } from './freed';
import { judge } from './judge';

const on = (wall: string) => instantOf(`2026-11-${wall}`, zone);
const now = on('24T08:00');
const due = (date: string) => ({ due: { date: `2026-11-${date}`, time: null } });
const start = workspaceOf({
  tasks: [
    task('Sort photos', { estimate: 30, priority: 'low' }),
    task('Order nets', { estimate: 45, priority: 'high' }),
    task('Report', { estimate: 240, ...due('25') }),
    task('Licence', { estimate: 60, ...due('27') }),
    task('Answer', { estimate: null, ...due('26') }),
    task('Too late by then', { estimate: 30, ...due('25') }),
  ],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: [meeting('c/x', '2026-11-26T14:00:00', 60, { title: 'Funder call', rule: 'FREQ=WEEKLY;COUNT=2' })],
});
const call = { id: 'c/x', recurrence: '2026-11-26T14:00:00', scope: 'one', newId: 'n' } as const;

test('a meeting that is gone frees the pocket around it, what fits stands by deadline and then priority', () => {
  const packed = placeTask.apply(start, { id: 'b', taskId: 'Report', start: on('26T09:00'), minutes: 300 });
  const filled = placeTask.apply(packed, { id: 'd', taskId: 'Report', start: on('26T15:00'), minutes: 120 });
  const after = deleteEvent.apply(filled, call);
  const freed = freedBy(filled, after, zone, now);
  expect(freed).toEqual([{ from: on('26T14:00'), to: on('26T15:00') }]);
  const [pocket] = freed;
  expect(pocket && whatFits(after, pocket, zone, now).map(({ task: { id } }) => id)).toEqual([
    'Answer',
    'Licence',
    'Order nets',
    'Sort photos',
  ]);
});

test('a task that is done before its block is over frees the rest of it, where nothing collides any longer', () => {
  const filled = placeTask.apply(start, { id: 'b', taskId: 'Report', start: on('24T08:00'), minutes: 240 });
  const done = tickOff.apply(filled, { id: 'Report', at: on('24T10:30'), next: { newId: () => 'n', zone } });
  expect(freedBy(filled, done, zone, on('24T10:30'))).toEqual([{ from: on('24T10:30'), to: on('24T17:00') }]);
  const to = { kind: 'hours', start: on('24T11:00'), minutes: 30 } as const;
  const what = { kind: 'task', taskId: 'Order nets' } as const;
  const kinds = (workspace: Workspace) => judge(workspace, { what, to }, { zone }).map(({ kind }) => kind);
  expect(kinds(filled)).toContain('collides');
  expect(kinds(done)).not.toContain('collides');
});

test('a meeting that moves frees its old hours; one that stays, or lies in the past, frees nothing', () => {
  const changes = { start: { wall: '2026-11-26T16:00:00', zone } };
  const moved = moveEvent.apply(start, { ...call, changes });
  expect(freedBy(start, moved, zone, now)).toEqual([{ from: on('26T09:00'), to: on('26T16:00') }]);
  expect(freedBy(start, start, zone, now)).toEqual([]);
  expect(freedBy(start, deleteEvent.apply(start, call), zone, on('26T18:00'))).toEqual([]);
});

test('a meeting that was over early frees the rest of its time, keeps what it was planned to take, and goes on again', () => {
  const day = '2026-11-26';
  const early = { date: day, meeting: 'c/x@2026-11-26T14:00:00' };
  const ended = endMeeting.apply(start, { ...early, at: on('26T14:20') });
  const freed = freedBy(start, ended, zone, on('26T14:20'));
  expect(freed.map(({ from }) => from)).toEqual([on('26T14:20')]);
  expect(whatFits(ended, freed[0]!, zone, on('26T14:20'))[0]).toMatchObject({ start: on('26T14:30') });
  const [planned] = plannedOn(ended, [{ date: day, span: dayOf(day, zone) }], zone, 'last')[0] ?? [];
  expect(planned?.span).toEqual({ from: on('26T14:00'), to: on('26T15:00') });
  expect(sealOf(ended, '2026-11-23', zone, now).meetings).toEqual(
    sealOf(start, '2026-11-23', zone, now).meetings,
  );
  const again = endMeeting.apply(ended, { ...early, at: null });
  expect(freedBy(start, again, zone, on('26T14:20'))).toEqual([]);
  // moved elsewhere, it has all of its time
  const moved = moveEvent.apply(ended, {
    ...call,
    changes: { start: { wall: '2026-11-26T16:00:00', zone } },
  });
  expect(dayPlan(moved, day, zone).meetings[0]).toMatchObject({ from: on('26T16:00'), to: on('26T17:00') });
});
