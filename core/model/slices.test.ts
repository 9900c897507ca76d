import * as fc from 'fast-check';
import { at, task } from '../fixtures/make';
import { collectionNames } from './records';
import { nothingYet, slicesBetween, withSlice } from './slices';
import { workspaceOf, type Workspace } from './workspace';

const someWorkspace = fc
  .array(fc.record({ n: fc.nat(30), done: fc.boolean(), title: fc.constantFrom('Survey', 'Report') }), {
    maxLength: 40,
  })
  .map((all) =>
    workspaceOf({
      tasks: all.map(({ n, done, title }) => task(`t${n}`, { title, doneAt: done ? at('09:00') : null })),
      entries: all.map(({ n }) => ({
        id: `e${n}`,
        subject: { kind: 'task' as const, taskId: `t${n}` },
        from: at('09:00') + n * 86_400_000 * 9,
        to: at('09:30') + n * 86_400_000 * 9,
      })),
    }),
  );

const contentOf = (workspace: Workspace) => ({
  settings: workspace.settings,
  records: collectionNames.map((name) =>
    [...workspace[name].parts].map(([part, records]) => [
      part,
      [...records.values()].map(({ id }) => id).sort(),
    ]),
  ),
  tasks: new Map(workspace.tasks.values().map((one) => [one.id, one])),
});
const sorted = ({ records, ...rest }: ReturnType<typeof contentOf>) => ({
  ...rest,
  records: records.map((parts) => new Map(parts as [string, string[]][])),
});

const carried = (from: Workspace, to: Workspace, into: Workspace) =>
  [...slicesBetween(from, to)].reduce<Workspace>((held, slice) => withSlice(held, slice), into);

test('slices make a copy of a workspace, and keep it up with what changes, whatever moves between parts', () => {
  fc.assert(
    fc.property(someWorkspace, someWorkspace, (one, other) => {
      const copy = carried(nothingYet, one, nothingYet);
      expect(sorted(contentOf(copy))).toEqual(sorted(contentOf(one)));
      expect(sorted(contentOf(carried(one, other, copy)))).toEqual(sorted(contentOf(other)));
    }),
  );
});

test('only what differs is sent', () => {
  const before = workspaceOf({ tasks: [task('a'), task('b')] });
  const after = { ...before, tasks: before.tasks.with([task('a', { title: 'Otherwise' })]) };
  expect([...slicesBetween(before, after)]).toEqual([{ of: 'tasks', put: [after.tasks.get('a')], gone: [] }]);
  expect([...slicesBetween(before, before)]).toEqual([]);
});
