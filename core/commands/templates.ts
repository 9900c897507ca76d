import type { Id } from '../model/common';
import type { Template } from '../model/template';
import type { Workspace } from '../model/workspace';
import { templateNamed } from '../tasks/templates';
import { highestRank } from '../tasks/order';
import { command, CommandFailed, existing, forget, put } from './command';

/** Two templates of a name could not be told apart in a typed line. */
function refuseTaken(workspace: Workspace, name: string, but?: Id): void {
  const other = templateNamed(workspace, name);
  if (other && other.id !== but) throw new CommandFailed(`There is a template ${other.name} already.`);
}

/** Adds a template below the others. Fails for a name that is taken. */
export const addTemplate = command('add template', (workspace, template: Omit<Template, 'rank'>) => {
  refuseTaken(workspace, template.name);
  return put(workspace, 'templates', { ...template, rank: highestRank(workspace.templates) + 1 });
});

type Changes = Partial<Omit<Template, 'id' | 'rank' | 'category' | 'listId' | 'changedAt'>> & {
  /** Null is none. */
  readonly category?: Id | null;
  readonly listId?: Id | null;
};

/** Changes a template; what was placed of it stays as it is. Fails for a name that is taken. */
export const editTemplate = command(
  'edit template',
  (workspace, { id, category, listId, ...changes }: { id: Id } & Changes) => {
    if (changes.name !== undefined) refuseTaken(workspace, changes.name, id);
    return put(workspace, 'templates', {
      ...existing(workspace.templates, id, 'template'),
      ...changes,
      ...(category === undefined ? {} : { category: category ?? undefined }),
      ...(listId === undefined ? {} : { listId: listId ?? undefined }),
    });
  },
);

/** Deletes a template; what was placed of it stays. */
export const deleteTemplate = command('delete template', (workspace, { id }: { id: Id }) => {
  existing(workspace.templates, id, 'template');
  return forget(workspace, 'templates', [id]);
});
