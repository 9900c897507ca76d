import { at, task, zone } from '../fixtures/make';
import { workspaceOf, type Workspace } from '../model/workspace';
import { openLists, usualList } from '../tasks/lists';
import { CommandFailed } from './command';
import { archiveList, copyList, copyTask, deleteList, moveList, takeUpList } from './lists';

const now = at('11:20');
const list = (id: string, rank: number) => ({
  id,
  name: id,
  hue: 'reed' as const,
  icon: 'pen' as const,
  rank,
});
const step = { id: 's', title: 'Ring first', doneAt: now, estimate: null };
const office = workspaceOf({
  lists: [list('survey', 0), list('permits', 1), list('grants', 1)],
  tasks: [
    task('a', { listId: 'permits', rank: 1, due: { date: '2026-11-27', time: '12:00' }, steps: [step] }),
    task('b', { listId: 'permits', rank: 2, doneAt: now, notBefore: { date: '2026-11-25', time: null } }),
    task('c', { listId: 'permits', rank: 3, partOf: 'a', parked: { at: 5, until: null } }),
    task('d', { listId: 'grants' }),
  ],
  blocks: [{ id: 'x', taskId: 'a', start: at('14:00'), minutes: 30 }],
});
const names = (workspace: Workspace) => openLists(workspace).map(({ id }) => id);
let made = 0;
const copying = { newId: () => `new-${(made += 1)}`, at: now };
beforeEach(() => (made = 0));

test('a list goes out of sight with its open tasks, and both come back; what was parked before stays so', () => {
  const without = archiveList.apply(office, { id: 'permits', now, zone });
  expect(names(without)).toEqual(['survey', 'grants']);
  expect(without.blocks.size).toBe(0);
  expect(without.tasks.get('b')?.parked).toBeUndefined();
  const back = takeUpList.apply(without, { id: 'permits' });
  expect(names(back)).toEqual(['survey', 'permits', 'grants']);
  expect(back.tasks.get('a')?.parked).toBeUndefined();
  expect(back.tasks.get('c')?.parked).toEqual({ at: 5, until: null });
});

test('one list stays in use, and new tasks go to the first of those', () => {
  const two = archiveList.apply(office, { id: 'survey', now, zone });
  expect(usualList(two).id).toBe('permits');
  const one = archiveList.apply(two, { id: 'permits', now, zone });
  expect(() => archiveList.apply(one, { id: 'grants', now, zone })).toThrow(CommandFailed);
});

test('a list moves past its neighbour, also where ranks are equal, and not beyond the end', () => {
  expect(names(moveList.apply(office, { id: 'grants', by: -1 }))).toEqual(['survey', 'grants', 'permits']);
  expect(names(moveList.apply(office, { id: 'survey', by: 1 }))).toEqual(['permits', 'survey', 'grants']);
  expect(names(moveList.apply(office, { id: 'survey', by: 2 }))).toEqual(['permits', 'grants', 'survey']);
  expect(names(moveList.apply(office, { id: 'grants', by: -2 }))).toEqual(['grants', 'survey', 'permits']);
  expect(moveList.apply(office, { id: 'grants', by: 1 })).toBe(office);
});

test('a duplicated list has all tasks as new ones, in their order, their days moved along and parts under the new whole', () => {
  const twice = copyList.apply(office, {
    id: 'permits',
    name: 'Upper reach',
    from: '2027-01-04',
    ...copying,
  });
  const copied = openLists(twice).at(-1);
  expect(copied).toMatchObject({ name: 'Upper reach', hue: 'reed' });
  const tasks = twice.tasks
    .values()
    .filter(({ listId }) => listId === copied?.id)
    .sort((x, y) => x.rank - y.rank);
  expect(
    tasks.map(({ title, doneAt, due, notBefore }) => [title, doneAt, due?.date, notBefore?.date]),
  ).toEqual([
    ['a', null, '2027-01-06', undefined],
    ['b', null, undefined, '2027-01-04'],
    ['c', null, undefined, undefined],
  ]);
  expect(tasks[0]?.due?.time).toBe('12:00');
  expect(tasks[0]?.steps).toEqual([{ ...step, id: expect.stringMatching(/^new-/), doneAt: null }]);
  expect(tasks[2]?.partOf).toBe(tasks[0]?.id);
  expect(tasks[2]?.parked).toBeUndefined();
  const bare = copyList.apply(office, { id: 'permits', name: 'Plain', from: null, ...copying });
  expect(bare.tasks.values().filter(({ due }) => due !== null)).toHaveLength(1);
});

test('a duplicated task is open, unplaced and nobody’s past', () => {
  const twice = copyTask.apply(office, { id: 'b', ...copying });
  expect(twice.tasks.get('new-1')).toMatchObject({ title: 'b', listId: 'permits', doneAt: null });
  expect(twice.blocks).toBe(office.blocks);
});

test('with a list its tasks go, or find another', () => {
  const kept = deleteList.apply(office, { id: 'permits', tasksTo: 'grants' });
  expect(kept.tasks.values().every(({ listId }) => listId === 'grants')).toBe(true);
  const gone = deleteList.apply(office, { id: 'permits', tasksTo: 'grants', gone: { at: now } });
  expect(gone.tasks.values().map(({ id }) => id)).toEqual(['d']);
});
