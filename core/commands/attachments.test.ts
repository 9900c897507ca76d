import { task, zone } from '../fixtures/make';
import { readWorkspaceFile, writeWorkspaceFile } from '../formats/workspaceFile';
import { Attachment, type AttachedTo } from '../model/attachment';
import type { Link } from '../model/link';
import type { RepeatingTask } from '../model/repeating';
import { workspaceOf } from '../model/workspace';
import { addLink, attach, detach, filesOf, linksOf, removeLink } from './attachments';
import { applyChanges, changesBetween, reversed } from './changes';
import { forget } from './command';
import { editRepeating } from './repeating';
import { deleteTask } from './tasks';

const file = (id: string, changes: Partial<Attachment> = {}): Attachment => ({
  id,
  of: { kind: 'task', taskId: 'a' },
  name: `${id}.txt`,
  type: 'text/plain',
  size: 5,
  addedAt: 1,
  data: btoa('redds'),
  ...changes,
});
const meeting = { kind: 'meeting', occurrence: 'hearing@2026-11-24T09:00:00' } as const;
const office = attach.apply(workspaceOf({ tasks: [task('a'), task('b')] }), {
  files: [file('late', { addedAt: 2 }), file('early'), file('map', { of: meeting })],
});

test('files are attached to what they belong to, in the order in which they came, and removed', () => {
  const of = { kind: 'task', taskId: 'a' } as const;
  expect(filesOf(office, of).map(({ id }) => id)).toEqual(['early', 'late']);
  expect(filesOf(office, meeting).map(({ id }) => id)).toEqual(['map']);
  expect(filesOf(detach.apply(office, { id: 'early' }), of).map(({ id }) => id)).toEqual(['late']);
});

test('with a task its files go, and come back when that is undone', () => {
  const without = deleteTask.apply(office, { id: 'a', at: 0 });
  expect(without.attachments.values().map(({ id }) => id)).toEqual(['map']);
  const back = applyChanges(without, reversed(changesBetween(office, without)));
  expect(back.attachments.size).toBe(3);
});

const repeating: RepeatingTask = {
  id: 'rounds',
  title: 'Gauge round',
  notes: '',
  listId: 'first-list',
  estimate: 30,
  priority: 'normal',
  rank: 0,
  start: { wall: '2026-11-24T09:00:00', zone },
  minutes: 30,
  rule: 'FREQ=DAILY',
  without: [],
  due: null,
};
const link = (id: string, of: Link['of']): Link => ({
  id,
  of,
  address: 'https://gauges.example',
  name: '',
  addedAt: 1,
});

test('what belongs to all times of a repeating task goes on with those that are split off, and goes with the last of them', () => {
  const one = { kind: 'task', taskId: 'rounds@2026-11-26T09:00:00' } as const;
  const all: AttachedTo = { kind: 'repeat', repeatIds: ['rounds'] };
  let workspace = workspaceOf({ repeats: [repeating] });
  workspace = attach.apply(workspace, { files: [file('map', { of: all })] });
  workspace = addLink.apply(addLink.apply(workspace, link('a', all)), link('b', one));
  // the time that has a link of its own is a task of its own
  expect(workspace.tasks.get(one.taskId)?.title).toBe('Gauge round');
  expect(linksOf(workspace, one, all).map(({ id }) => id)).toEqual(['a', 'b']);
  workspace = editRepeating.apply(workspace, {
    id: 'rounds',
    recurrence: '2026-11-30T09:00:00',
    scope: 'later',
    newId: 'winter',
    words: { title: 'Winter round' },
  });
  const winter: AttachedTo = { kind: 'repeat', repeatIds: ['winter'] };
  expect([linksOf(workspace, winter).length, filesOf(workspace, winter).length]).toEqual([1, 1]);
  const first = forget(workspace, 'repeats', ['rounds']);
  expect(linksOf(first, winter).map(({ id }) => id)).toEqual(['a']);
  expect(
    forget(first, 'repeats', ['winter'])
      .links.values()
      .map(({ id }) => id),
  ).toEqual(['b']);
  expect(removeLink.apply(workspace, { id: 'a' }).links.size).toBe(1);
});

test('an address that would run something comes in from no file', () => {
  const linked = addLink.apply(office, link('a', { kind: 'task', taskId: 'a' }));
  const text = writeWorkspaceFile(linked).replace('https://gauges.example', 'javascript:alert(1)//');
  const { workspace, problems } = readWorkspaceFile(text);
  expect(workspace.links.size).toBe(0);
  expect(problems[0]?.what).toMatch(/address/);
});

test('they go out with everything and come in again; one that was cut or holds something else is left out and named', () => {
  const text = writeWorkspaceFile(office);
  expect(readWorkspaceFile(text).workspace.attachments.get('early')).toEqual(office.attachments.get('early'));
  const { workspace, problems } = readWorkspaceFile(text.replace(btoa('redds'), '<script>'));
  expect(workspace.attachments.size).toBe(2);
  expect(problems).toHaveLength(1);
});

test.each([['A'], ['AA='], ['A==='], ['AAAAA']])('the cut file %j is no attachment', (data) => {
  expect(Attachment.safeParse(file('a', { data })).success).toBe(false);
});
