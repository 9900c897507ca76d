import { holdTask, makeGroup, releaseTask } from '../commands/groups';
import { deleteTask } from '../commands/tasks';
import { firstList, workspaceOf, type Workspace } from '../model/workspace';
import type { Task } from '../model/task';
import { ledger } from '../review/ledger';
import { toPlace } from '../tasks/toPlace';
import { instantOf } from '../time/zone';
import { fillOf, heldLateness, heldTasks } from './group';

const zone = 'Europe/London';
const at = (time: string) => instantOf(`2026-11-24T${time}`, zone);
const task = (id: string, estimate: number | null, due: Task['due'] = null): Task => ({
  id,
  title: id,
  notes: '',
  listId: firstList.id,
  estimate,
  priority: 'normal',
  due,
  doneAt: null,
  createdAt: 0,
  rank: 0,
});
const block = { id: 'b', taskId: 'Small things', start: at('10:00'), minutes: 60 };
const start = workspaceOf({
  tasks: [
    task('Small things', 60),
    task('Call', 20),
    task('Sign', null, { date: '2026-11-24', time: '10:30' }),
  ],
  blocks: [block],
  tray: [{ id: 't', taskId: 'Call', date: '2026-11-24' }],
});
const held = [
  { id: 'b', taskId: 'Call', trayId: 't' },
  { id: 'b', taskId: 'Sign' },
].reduce((before: Workspace, input) => holdTask.apply(before, input), makeGroup.apply(start, { id: 'b' }));
const group = (workspace: Workspace) => {
  const found = workspace.blocks.get('b');
  if (!found) throw new Error('no block');
  return found;
};

test('a group holds tasks out of their trays, and they need no other place', () => {
  expect(heldTasks(group(held), held.tasks).map(({ id }) => id)).toEqual(['Call', 'Sign']);
  expect(held.tray.size).toBe(0);
  expect(toPlace(held, '2026-11-24', zone, at('09:00'))).toEqual([]);
  const out = releaseTask.apply(held, { id: 'b', taskId: 'Call' });
  expect(toPlace(out, '2026-11-24', zone, at('09:00')).map(({ id }) => id)).toEqual(['Call']);
  expect(group(deleteTask.apply(held, { id: 'Sign', at: 0 })).holds).toEqual(['Call']);
});

test('it says how full it is, what no longer fits, and what comes too late', () => {
  const open = heldTasks(group(held), held.tasks);
  expect(fillOf(group(held), open)).toEqual({ said: '50 min of 1 h', over: null });
  expect(fillOf({ ...group(held), minutes: 30 }, open).over).toBe('20 min more than fits');
  expect(fillOf({ ...group(held), minutes: 30 }, [task('Call', 20)]).over).toBe(null);
  expect(heldLateness(group(held), held, zone)).toBe('Sign ends 30 min after it is due');
});

test('the ledger shares its time out to what it holds, and the sums stay the same', () => {
  const { rows, sums } = ledger(held, '2026-11-24', zone, at('09:00'));
  expect(rows.map(({ title, planned }) => `${title} ${planned}`)).toEqual([
    'Call 20',
    'Sign 30',
    'Small things 10',
  ]);
  expect(sums.planned).toBe(60);
});

test('a group does not hold itself, nor anything twice', () => {
  expect(() => holdTask.apply(held, { id: 'b', taskId: 'Small things' })).toThrow('cannot hold itself');
  expect(group(holdTask.apply(held, { id: 'b', taskId: 'Call' })).holds).toEqual(['Call', 'Sign']);
});
