import { emptyWorkspace, firstList, type Workspace } from '../model/workspace';
import { applyChanges, changesBetween } from './changes';
import { placeTask, takeBlockOff } from './plan';
import { idsSince } from './provenance';
import { addTask, deleteTask, editTask } from './tasks';

const task = (id: string) => ({
  id,
  title: id,
  notes: '',
  listId: firstList.id,
  estimate: null,
  priority: 'normal' as const,
  due: null,
  doneAt: null,
  createdAt: 0,
});
const many = Array.from({ length: 50 }, (_, i) => `t${i}`).reduce(
  (w, id) => addTask.apply(w, task(id)),
  emptyWorkspace,
);

test('what several commands changed is known without a search, each record once', () => {
  const after = editTask.apply(editTask.apply(many, { id: 't3', title: 'a' }), { id: 't3', title: 'b' });
  expect(idsSince(many.tasks, after.tasks)).toEqual(new Set(['t3']));
  expect(changesBetween(many, after)).toMatchObject([
    { part: 'tasks', id: 't3', before: { title: 't3' }, after: { title: 'b' } },
  ]);
});

test('collections that were not made from each other are compared record by record, with the same result', () => {
  const after = deleteTask.apply(editTask.apply(many, { id: 't3', title: 'a' }), { id: 't4', at: 0 });
  const loaded: Workspace = { ...after, tasks: { ...after.tasks } };
  expect(idsSince(many.tasks, loaded.tasks)).toBeUndefined();
  const order = (changes: ReturnType<typeof changesBetween>) =>
    [...changes].sort((a, b) => JSON.stringify(a).localeCompare(JSON.stringify(b)));
  expect(order(changesBetween(many, loaded))).toEqual(order(changesBetween(many, after)));
});

test('what was made and taken back within one step is no change', () => {
  const placed = placeTask.apply(many, { id: 'b', taskId: 't1', start: 0, minutes: 30 });
  expect(changesBetween(many, takeBlockOff.apply(placed, { id: 'b' }))).toEqual([]);
  expect(applyChanges(many, changesBetween(many, placed))).toEqual(placed);
});
