import type { CategoryRule } from '../model/categoryRule';
import type { Id } from '../model/common';
import { command, existing, forget, put } from './command';

/** Lets what has no category of its own count for one, by its series, title or people; a rule for the same goes. */
export const addCategoryRule = command(
  'give a category by rule',
  (workspace, rule: Omit<CategoryRule, 'changedAt'>) => {
    existing(workspace.categories, rule.category, 'category');
    const same = workspace.categoryRules.values().filter(({ by, of }) => by === rule.by && of === rule.of);
    const free = forget(
      workspace,
      'categoryRules',
      same.map(({ id }) => id),
    );
    return put(free, 'categoryRules', rule);
  },
);

/** Takes a rule away; what counted by it has no category again. */
export const deleteCategoryRule = command('delete the rule', (workspace, { id }: { id: Id }) => {
  existing(workspace.categoryRules, id, 'rule');
  return forget(workspace, 'categoryRules', [id]);
});
