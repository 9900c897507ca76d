import * as fc from 'fast-check';
import { task } from '../fixtures/make';
import { workspaceOf, type Workspace } from '../model/workspace';
import { applyChanges, changesAt, retraced, reversed } from './changes';
import { placeTask } from './plan';
import { mergeCounts, mergeWorkspace } from './merging';
import { deleteList } from './lists';
import { deleteTask, editTask } from './tasks';

/** What the store makes of a change at an instant: marked, and with its deletions remembered. */
const at = (now: number, before: Workspace, after: Workspace) =>
  applyChanges(after, changesAt(before, after, now));
const start = placeTask.apply(
  workspaceOf({
    lists: [
      { id: 'grants', name: 'Grants', hue: 'iris', icon: 'pen', rank: 0 },
      { id: 'permits', name: 'Permits', hue: 'clay', icon: 'permit', rank: 1 },
    ],
    tasks: ['a', 'b'].map((id) => task(id, { listId: 'permits', changedAt: 10 })),
  }),
  { id: 'block', taskId: 'a', start: 0, minutes: 30 },
);
const deleted = (now: number) => at(now, start, deleteTask.apply(start, { id: 'a', at: 0 }));
const edited = (now: number) => at(now, start, editTask.apply(start, { id: 'a', title: 'Later' }));
const ids = ({ tasks }: Workspace) =>
  tasks
    .values()
    .map(({ id }) => id)
    .sort();

test('what was deleted in one copy does not come back from the other, whichever is merged into which', () => {
  expect(ids(mergeWorkspace.apply(deleted(20), start))).toEqual(['b']);
  const here = mergeWorkspace.apply(start, deleted(20));
  expect([ids(here), here.blocks.size]).toEqual([['b'], 0]);
  expect(mergeCounts(start, deleted(20))).toMatchObject({ added: 0, gone: 2 });
  expect(mergeCounts(deleted(20), start)).toMatchObject({ added: 0, kept: 2, gone: 0 });
});

test('of a deletion and a change the later wins', () => {
  expect(ids(mergeWorkspace.apply(deleted(20), edited(30)))).toEqual(['a', 'b']);
  expect(ids(mergeWorkspace.apply(edited(30), deleted(20)))).toEqual(['a', 'b']);
  expect(ids(mergeWorkspace.apply(edited(20), deleted(30)))).toEqual(['b']);
});

test('a deletion that is undone is forgotten, and counts no more', () => {
  const gone = deleteTask.apply(start, { id: 'a', at: 0 });
  const changes = changesAt(start, gone, 20);
  const back = retraced(applyChanges(start, changes), reversed(changes));
  expect(back.deletions.size).toBe(0);
  expect(ids(mergeWorkspace.apply(start, back))).toEqual(['a', 'b']);
});

test('tasks of a list that the other copy deleted lie in a list that is left', () => {
  const other = at(20, start, deleteList.apply(start, { id: 'permits', tasksTo: 'grants' }));
  const own = at(30, start, editTask.apply(start, { id: 'b', title: 'Mine' }));
  const merged = mergeWorkspace.apply(own, other);
  expect(merged.tasks.values().map(({ title, listId }) => `${title} ${listId}`)).toEqual([
    'a grants',
    'Mine grants',
  ]);
  expect(merged.settings).toBe(own.settings);
});

test('whatever happened to two copies, merging either way gives the same tasks', () => {
  const step = fc.tuple(
    fc.constantFrom('a', 'b'),
    fc.constantFrom('delete', 'edit'),
    fc.integer({ min: 11, max: 99 }),
  );
  const after = (steps: readonly (readonly [string, string, number])[]) =>
    [...steps]
      .sort((each, other) => each[2] - other[2])
      .reduce((workspace, [id, what, now]) => {
        if (!workspace.tasks.has(id)) return workspace;
        const changed =
          what === 'edit'
            ? editTask.apply(workspace, { id, title: `${now}` })
            : deleteTask.apply(workspace, { id, at: now });
        return at(now, workspace, changed);
      }, start);
  fc.assert(
    fc.property(fc.array(step, { maxLength: 4 }), fc.array(step, { maxLength: 4 }), (ours, theirs) => {
      const [each, other] = [after(ours), after(theirs)];
      expect(ids(mergeWorkspace.apply(each, other))).toEqual(ids(mergeWorkspace.apply(other, each)));
    }),
  );
});
