import type { Attachment, AttachedTo } from '../model/attachment';
import { groupedBy } from '../model/collection';
import type { Id } from '../model/common';
import type { Link } from '../model/link';
import type { Workspace } from '../model/workspace';
import { command, existing, put, without } from './command';
import { touched } from '../tasks/repeating';

type Owned = { readonly id: Id; readonly of: AttachedTo; readonly addedAt: number };

function keysOf({ of }: Pick<Owned, 'of'>): readonly string[] {
  switch (of.kind) {
    case 'task':
      return [`task ${of.taskId}`];
    case 'repeat':
      return of.repeatIds.map((id) => `repeat ${id}`);
    case 'meeting':
      return [`meeting ${of.occurrence}`];
    case 'event':
      return [`event ${of.eventId}`];
  }
}
const filesByOwner = groupedBy<Attachment>(keysOf);
const linksByOwner = groupedBy<Link>(keysOf);

const ofAny = <R extends Owned>(owners: readonly AttachedTo[], find: (key: string) => readonly R[]): R[] => {
  const found = owners.flatMap((of) => keysOf({ of }).flatMap(find));
  return [...new Set(found)].sort((a, b) => a.addedAt - b.addedAt || a.id.localeCompare(b.id));
};

/** The files of a task or a meeting, and of all its times; first attached first. */
export const filesOf = ({ attachments }: Workspace, ...owners: readonly AttachedTo[]): Attachment[] =>
  ofAny(owners, (key) => filesByOwner(attachments, key));

/** The links of a task or a meeting, and of all its times; first added first. */
export const linksOf = ({ links }: Workspace, ...owners: readonly AttachedTo[]): Link[] =>
  ofAny(owners, (key) => linksByOwner(links, key));

/** A time of a repeating task to which something is attached is a task of its own. */
const ready = (workspace: Workspace, { of }: { readonly of: AttachedTo }): Workspace =>
  of.kind === 'task' ? touched(workspace, of.taskId) : workspace;

/** Attaches files, in one step. */
export const attach = command('attach', (workspace, { files }: { files: readonly Attachment[] }) =>
  put(files.reduce(ready, workspace), 'attachments', ...files),
);

/** Takes an attached file away. */
export const detach = command('remove attachment', (workspace, { id }: { id: Id }) => {
  existing(workspace.attachments, id, 'attachment');
  return without(workspace, 'attachments', [id]);
});

export const addLink = command('add link', (workspace, link: Link) =>
  put(ready(workspace, link), 'links', link),
);

export const removeLink = command('remove link', (workspace, { id }: { id: Id }) => {
  existing(workspace.links, id, 'link');
  return without(workspace, 'links', [id]);
});

/** What belongs to a repeating task belongs to the one that it goes on as, too. */
export function alsoOf(workspace: Workspace, repeatId: Id, newId: Id): Workspace {
  const widened = <R extends Owned>(owned: readonly R[]) =>
    owned.flatMap((record) =>
      record.of.kind === 'repeat' && record.of.repeatIds.includes(repeatId)
        ? [{ ...record, of: { ...record.of, repeatIds: [...record.of.repeatIds, newId] } }]
        : [],
    );
  const files = put(workspace, 'attachments', ...widened(workspace.attachments.values()));
  return put(files, 'links', ...widened(files.links.values()));
}
