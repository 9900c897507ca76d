import { holdTask, makeGroup, releaseTask } from '../commands/groups';
import { deleteTask } from '../commands/tasks';
import { at, date, task, zone } from '../fixtures/make';
import { workspaceOf, type Workspace } from '../model/workspace';
import { ledger } from '../review/ledger';
import { toPlace } from '../tasks/toPlace';
import { dayOf } from '../time/zone';
import { findingWords } from './findingWords';
import { fillWords, heldTasks } from './group';
import { judgeBlock } from './judge';

const block = { id: 'b', taskId: 'Small things', start: at('10:00'), minutes: 60 };
const start = workspaceOf({
  tasks: [
    task('Small things'),
    task('Call', { estimate: 20 }),
    task('Sign', { estimate: null, due: { date, time: '10:30' } }),
  ],
  blocks: [block],
  tray: [{ id: 't', taskId: 'Call', date }],
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
  expect(heldTasks(group(held), held).map(({ id }) => id)).toEqual(['Call', 'Sign']);
  expect(held.tray.size).toBe(0);
  expect(toPlace(held, date, zone, at('09:00'))).toEqual([]);
  const out = releaseTask.apply(held, { id: 'b', taskId: 'Call' });
  expect(toPlace(out, date, zone, at('09:00')).map(({ id }) => id)).toEqual(['Call']);
  expect(group(deleteTask.apply(held, { id: 'Sign', at: 0 })).holds).toEqual(['Call']);
});

test('it says how full it is, what no longer fits, and what comes too late', () => {
  const short = { ...group(held), minutes: 30 };
  expect(fillWords(group(held), heldTasks(group(held), held))).toBe('50 min of 1 h');
  expect(judgeBlock(held, short, { zone }).map(findingWords)).toEqual(['20 min more than fits']);
  expect(judgeBlock(held, group(held), { zone }).map(findingWords)).toEqual([
    'Sign ends 30 min after it is due',
  ]);
});

test('the ledger shares its time out to what it holds, and the sums stay the same', () => {
  const { rows, sums } = ledger(held, dayOf(date, zone), zone, at('09:00'));
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
