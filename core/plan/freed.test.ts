import { deleteEvent, moveEvent } from '../commands/events';
import { placeTask } from '../commands/plan';
import { plainEvent } from '../model/event';
import type { Task } from '../model/task';
import { firstList, workspaceOf } from '../model/workspace';
import { instantOf } from '../time/zone';
import { freedBy, whatFits } from './freed';

const zone = 'Europe/London';
const at = (wall: string) => instantOf(`2026-11-${wall}`, zone);
const now = at('24T08:00');
const task = (id: string, estimate: number | null, changes: Partial<Task> = {}): Task => ({
  id,
  title: id,
  notes: '',
  listId: firstList.id,
  estimate,
  priority: 'normal',
  due: null,
  doneAt: null,
  createdAt: 0,
  rank: 0,
  ...changes,
});
const due = (date: string) => ({ due: { date: `2026-11-${date}`, time: null } });
const start = workspaceOf({
  tasks: [
    task('Sort photos', 30, { priority: 'low' }),
    task('Order nets', 45, { priority: 'high' }),
    task('Report', 240, due('25')),
    task('Licence', 60, due('27')),
    task('Answer', null, due('26')),
    task('Too late by then', 30, due('25')),
  ],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: [
    {
      ...plainEvent,
      id: 'c/x',
      calendarId: 'c',
      uid: 'x',
      title: 'Funder call',
      start: { wall: '2026-11-26T14:00:00', zone },
      length: { days: 0, seconds: 3600 },
      rule: 'FREQ=WEEKLY;COUNT=2',
    },
  ],
});
const call = { id: 'c/x', recurrence: '2026-11-26T14:00:00', scope: 'one', newId: 'n' } as const;

test('a meeting that is gone frees the pocket around it, what fits stands by deadline and then priority', () => {
  const packed = placeTask.apply(start, { id: 'b', taskId: 'Report', start: at('26T09:00'), minutes: 300 });
  const filled = placeTask.apply(packed, { id: 'd', taskId: 'Report', start: at('26T15:00'), minutes: 120 });
  const after = deleteEvent.apply(filled, call);
  const freed = freedBy(filled, after, zone, now);
  expect(freed).toEqual([{ from: at('26T14:00'), to: at('26T15:00') }]);
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
  expect(freedBy(start, moved, zone, now)).toEqual([{ from: at('26T09:00'), to: at('26T16:00') }]);
  expect(freedBy(start, start, zone, now)).toEqual([]);
  expect(freedBy(start, deleteEvent.apply(start, call), zone, at('26T18:00'))).toEqual([]);
});
