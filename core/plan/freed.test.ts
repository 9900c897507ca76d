import { deleteEvent, moveEvent } from '../commands/events';
import { placeTask } from '../commands/plan';
import { meeting, task, zone } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { instantOf } from '../time/zone';
import { freedBy, whatFits } from './freed';

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

test('a meeting that moves frees its old hours; one that stays, or lies in the past, frees nothing', () => {
  const changes = { start: { wall: '2026-11-26T16:00:00', zone } };
  const moved = moveEvent.apply(start, { ...call, changes });
  expect(freedBy(start, moved, zone, now)).toEqual([{ from: on('26T09:00'), to: on('26T16:00') }]);
  expect(freedBy(start, start, zone, now)).toEqual([]);
  expect(freedBy(start, deleteEvent.apply(start, call), zone, on('26T18:00'))).toEqual([]);
});
