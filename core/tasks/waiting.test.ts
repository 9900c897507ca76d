import * as fc from 'fast-check';
import { deleteRecord } from '../commands/command';
import { editTask } from '../commands/tasks';
import { task } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { inTurn, waitedFor, waitsOn } from './waiting';

const names = ['a', 'b', 'c', 'd', 'e', 'f'];
const someLinks = fc.uniqueArray(fc.tuple(fc.constantFrom(...names), fc.constantFrom(...names)), {
  maxLength: 12,
  selector: (link) => link.join(),
});
const officeOf = (links: readonly (readonly [string, string])[]) =>
  workspaceOf({
    tasks: names.map((id) =>
      task(id, { waitsFor: links.filter(([from]) => from === id).map(([, to]) => to) }),
    ),
  });

test('by what they wait for, each task comes once, and after all that it waits for, unless they stand in a circle', () => {
  fc.assert(
    fc.property(someLinks, (links) => {
      const office = officeOf(links);
      const turn = inTurn(office, office.tasks.values()).map(({ id }) => id);
      expect([...turn].sort()).toEqual(names);
      for (const [from, to] of links)
        if (!waitsOn(office, to, from)) expect(turn.indexOf(to)).toBeLessThan(turn.indexOf(from));
    }),
  );
});

test('a circle is refused with what waits already; what is done or deleted holds nothing up', () => {
  const office = officeOf([
    ['b', 'a'],
    ['c', 'b'],
  ]);
  expect(() => editTask.apply(office, { id: 'a', waitsFor: ['c'] })).toThrow('“c” waits for “a” already.');
  const waiting = (workspace: typeof office) => {
    const b = workspace.tasks.get('b');
    return b && waitedFor(workspace, b).map(({ id }) => id);
  };
  expect(waiting(office)).toEqual(['a']);
  const done = { ...office, tasks: office.tasks.with([task('a', { doneAt: 1 })]) };
  expect(waiting(done)).toEqual([]);
  const gone = deleteRecord.apply(office, { part: 'tasks', id: 'a' });
  expect(gone.tasks.get('b')).not.toHaveProperty('waitsFor');
});

test('a part waits for the part before it', () => {
  const parts = ['first', 'second'].map((id, i) => task(id, { partOf: 'whole', createdAt: i }));
  const office = workspaceOf({ tasks: [task('whole'), ...parts] });
  expect(waitedFor(office, parts[1]!).map(({ id }) => id)).toEqual(['first']);
});
