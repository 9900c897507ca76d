import type { Id } from '../model/common';
import { command, CommandFailed, existing, put, without } from './command';

type Wanted = { readonly category: Id; readonly least?: number | null; readonly most?: number | null };

/**
 * Says how many minutes a week a category should have; null is no bound, what is not said stays, and without any bound
 * the target goes. A category has one target. Fails when it should have more at least than at most.
 */
export const setTarget = command('set a target', (workspace, { category, ...wanted }: Wanted) => {
  const { name } = existing(workspace.categories, category, 'category');
  const stands = workspace.targets.get(category);
  const { least = stands?.least ?? null, most = stands?.most ?? null } = wanted;
  if (least === null && most === null) return without(workspace, 'targets', [category]);
  if (least !== null && most !== null && least > most)
    throw new CommandFailed(`${name} cannot have more at least than at most.`);
  return put(workspace, 'targets', { id: category, category, least, most });
});
