import type { Category } from './category';
import { derived } from './collection';
import { Hue } from './common';
import type { Workspace } from './workspace';
import { plainName } from './names';

const inOrder = derived<Category, Category[]>((categories) =>
  categories.values().sort((a, b) => a.rank - b.rank || a.name.localeCompare(b.name)),
);

/** The categories, in their order. */
export const categoriesOf = ({ categories }: Workspace): readonly Category[] => inOrder(categories);

const byName = derived<Category, Map<string, Category>>(
  (categories) => new Map(categories.values().map((category) => [plainName(category.name), category])),
);

/** The category that goes by a name, however it is spelt in capitals; undefined when there is none. */
export const categoryNamed = (
  { categories }: Pick<Workspace, 'categories'>,
  name: string,
): Category | undefined => byName(categories).get(plainName(name));

/** The hue of a category, of none and of one that has gone the plain one. */
export const hueOfCategory = ({ categories }: Pick<Workspace, 'categories'>, id: string | undefined): Hue =>
  categories.get(id ?? '')?.hue ?? 'slate';

/** The first of an event's categories, which events tell by name, that is known. */
export const categoryOfNames = (workspace: Workspace, names: readonly string[]): Category | undefined =>
  names.map((name) => categoryNamed(workspace, name)).find((category) => category !== undefined);

const hues = Hue.options.filter((hue) => hue !== 'slate');

/** The hue that fewest categories have. */
const freshHue = (workspace: Workspace): Hue => {
  const used = categoriesOf(workspace).map(({ hue }) => hue);
  const count = (hue: Hue) => used.filter((category) => category === hue).length;
  return hues.reduce((best, hue) => (count(hue) < count(best) ? hue : best));
};

/** An id for a category of this name: the name, unless another bears it that has been called otherwise since. */
function idFor({ categories }: Workspace, name: string): string {
  let id = name;
  for (let n = 2; categories.has(id); n += 1) id = `${name} ${n}`;
  return id;
}

/** The workspace in which there is a category for each of these names. */
export function withCategories(workspace: Workspace, names: readonly string[]): Workspace {
  return names.reduce((before, typed) => {
    const name = typed.trim();
    if (name === '' || categoryNamed(before, name)) return before;
    const rank = Math.max(-1, ...categoriesOf(before).map((used) => used.rank)) + 1;
    const category = { id: idFor(before, name), name, hue: freshHue(before), rank };
    return { ...before, categories: before.categories.with([category]) };
  }, workspace);
}

/**
 * The workspace with a record for each category that its tasks and events tell. Data from before there were such
 * records tells the categories of tasks by name, and that name becomes their id.
 */
export function withCategoriesOfText(workspace: Workspace): Workspace {
  const { tasks, repeats, events } = workspace;
  const ofTasks = [...tasks.values(), ...repeats.values()].flatMap(({ category }) => category ?? []);
  const ofEvents = events.values().flatMap(({ categories }) => categories);
  const names = [...new Set([...ofTasks, ...ofEvents].map((name) => name.trim()))];
  const sorted = names.filter((name) => name !== '').sort((a, b) => a.localeCompare(b));
  const made = sorted.map((name, rank): Category => ({
    id: name,
    name,
    hue: hues[rank % hues.length] ?? 'slate',
    rank,
  }));
  const fresh = made.filter(({ id }) => !workspace.categories.has(id));
  return { ...workspace, categories: workspace.categories.with(fresh) };
}
