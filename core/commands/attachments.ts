import type { Attachment, AttachedTo } from '../model/attachment';
import { groupedBy } from '../model/collection';
import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { command, existing, put, without } from './command';

const keyOf = (of: AttachedTo) => (of.kind === 'task' ? `task ${of.taskId}` : `meeting ${of.occurrence}`);
const byOwner = groupedBy<Attachment>(({ of }) => keyOf(of));

/** What is attached to a task or a meeting, first attached first. */
export const attachedTo = ({ attachments }: Workspace, of: AttachedTo): Attachment[] =>
  [...byOwner(attachments, keyOf(of))].sort((a, b) => a.addedAt - b.addedAt || a.name.localeCompare(b.name));

/** Attaches files, in one step. */
export const attach = command('attach', (workspace, { files }: { files: readonly Attachment[] }) =>
  put(workspace, 'attachments', ...files),
);

/** Takes an attached file away. */
export const detach = command('remove attachment', (workspace, { id }: { id: Id }) => {
  existing(workspace.attachments, id, 'attachment');
  return without(workspace, 'attachments', [id]);
});
