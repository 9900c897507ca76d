import type { Category } from '../model/category';
import { categoryNamed, withCategories } from '../model/categories';
import type { Id } from '../model/common';
import { command, CommandFailed, existing, forget, put } from './command';

/** Adds a category; one that is there already stays as it is. */
export const addCategory = command('add category', (workspace, { name }: { name: string }) =>
  withCategories(workspace, [name]),
);

/** Renames a category or gives it another hue. Events that tell the old name tell the new one. Fails for a name that is taken. */
export const editCategory = command(
  'edit category',
  (workspace, { id, ...changes }: { id: Id } & Partial<Pick<Category, 'name' | 'hue'>>) => {
    const category = existing(workspace.categories, id, 'category');
    const { name } = changes;
    const clash = name === undefined ? undefined : categoryNamed(workspace, name);
    if (clash && clash.id !== id) throw new CommandFailed(`There is a category ${clash.name} already.`);
    const changed = put(workspace, 'categories', { ...category, ...changes });
    if (name === undefined || name === category.name) return changed;
    const renamed = (names: readonly string[]) => names.map((each) => (each === category.name ? name : each));
    const events = workspace.events
      .values()
      .filter(({ categories, exceptions }) =>
        [categories, ...exceptions.map((exception) => exception.categories)].some((names) =>
          names.includes(category.name),
        ),
      )
      .map((event) => ({
        ...event,
        categories: renamed(event.categories),
        exceptions: event.exceptions.map((exception) => ({
          ...exception,
          categories: renamed(exception.categories),
        })),
      }));
    return put(changed, 'events', ...events);
  },
);

/** Deletes a category; its tasks are in none then, and events go on telling its name. */
export const deleteCategory = command('delete category', (workspace, { id }: { id: Id }) => {
  existing(workspace.categories, id, 'category');
  return forget(workspace, 'categories', [id]);
});
