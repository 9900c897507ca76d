import { task } from '../fixtures/make';
import { readWorkspaceFile, writeWorkspaceFile } from '../formats/workspaceFile';
import type { Attachment } from '../model/attachment';
import { workspaceOf } from '../model/workspace';
import { attach, attachedTo, detach } from './attachments';
import { applyChanges, changesBetween, reversed } from './changes';
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
  expect(attachedTo(office, of).map(({ id }) => id)).toEqual(['early', 'late']);
  expect(attachedTo(office, meeting).map(({ id }) => id)).toEqual(['map']);
  expect(attachedTo(detach.apply(office, { id: 'early' }), of).map(({ id }) => id)).toEqual(['late']);
});

test('with a task its files go, and come back when that is undone', () => {
  const without = deleteTask.apply(office, { id: 'a', at: 0 });
  expect(without.attachments.values().map(({ id }) => id)).toEqual(['map']);
  const back = applyChanges(without, reversed(changesBetween(office, without)));
  expect(back.attachments.size).toBe(3);
});

test('they go out with everything and come in again; one that was cut or holds something else is left out and named', () => {
  const text = writeWorkspaceFile(office);
  expect(readWorkspaceFile(text).workspace.attachments.get('early')).toEqual(office.attachments.get('early'));
  const { workspace, problems } = readWorkspaceFile(text.replace(btoa('redds'), '<script>'));
  expect(workspace.attachments.size).toBe(2);
  expect(problems).toHaveLength(1);
});
