import type { Category } from '../model/category';
import { categoryNamed, withCategories } from '../model/categories';
import type { Id } from '../model/common';
import { eachKind, kindsOf } from '../model/template';
import type { FrameZone, Target } from '../model/frame';
import type { Seal } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { command, CommandFailed, existing, forget, put } from './command';

/** Adds a category; one that is there already stays as it is. */
export const addCategory = command('add category', (workspace, { name }: { name: string }) =>
  withCategories(workspace, [name]),
);

/** Renames a category or gives it another hue or icon. Events that tell the old name tell the new one. Fails for a name that is taken. */
export const editCategory = command(
  'edit category',
  (
    workspace,
    { id, ...changes }: { id: Id } & Partial<Pick<Category, 'name' | 'hue' | 'icon' | 'leads' | 'private'>>,
  ) => {
    const category = existing(workspace.categories, id, 'category');
    const { name } = changes;
    const clash = name === undefined ? undefined : categoryNamed(workspace, name);
    if (clash && clash.id !== id) throw new CommandFailed(`There is a category ${clash.name} already.`);
    const changed = put(workspace, 'categories', { ...category, ...changes });
    if (name === undefined || name === category.name) return changed;
    return renamedInEvents(changed, category.name, name);
  },
);

/** Events that tell one category by name tell another; none tells it twice. */
function renamedInEvents(workspace: Workspace, from: string, to: string): Workspace {
  const renamed = (names: readonly string[]) => [
    ...new Set(names.map((each) => (each === from ? to : each))),
  ];
  const events = workspace.events
    .values()
    .filter(({ categories, exceptions }) =>
      [categories, ...exceptions.map((exception) => exception.categories)].some((names) =>
        names.includes(from),
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
  return put(workspace, 'events', ...events);
}

type Merging = {
  readonly id: Id;
  readonly into: Id;
  readonly target?: Pick<Target, 'least' | 'most'>;
};

/**
 * Makes one category of two: all that refers to the first refers to the other, whose name and hue stay. Where both have a
 * target, `target` says which one the other has then; unless said, its own.
 */
export const mergeCategories = command(
  'merge categories',
  (workspace, { id, into, target: bounds }: Merging) => {
    const [from, to] = [
      existing(workspace.categories, id, 'category'),
      existing(workspace.categories, into, 'category'),
    ];
    if (id === into) throw new CommandFailed('A category cannot be merged with itself.');
    const moved = <R extends { category?: string | undefined }>(records: readonly R[]) =>
      records.filter(({ category }) => category === id).map((record) => ({ ...record, category: into }));
    const zoneOf = (zone: FrameZone): FrameZone => ({
      ...zone,
      ...(zone.category === id ? { category: into } : {}),
      categories: [...new Set(zone.categories.map((other) => (other === id ? into : other)))],
    });
    const uses = ({ category, categories }: FrameZone) => category === id || categories.includes(id);
    const frames = workspace.frames.values().filter(({ zones }) => zones.some(uses));
    const seals = workspace.seals
      .values()
      .filter(({ zones, targets }) => zones.some(uses) || targets.some(({ category }) => category === id));
    const intoOther = <K extends { category?: string | undefined }>(kind: K): K =>
      kind.category === id ? { ...kind, category: into } : kind;
    const templates = workspace.templates
      .values()
      .filter((template) => kindsOf(template).some(({ category }) => category === id));
    const target = workspace.targets.get(id);
    let merged = put(workspace, 'tasks', ...moved(workspace.tasks.values()));
    merged = put(merged, 'lists', ...moved(merged.lists.values()));
    merged = put(merged, 'categoryRules', ...moved(merged.categoryRules.values()));
    merged = put(merged, 'repeats', ...moved(merged.repeats.values()));
    merged = put(merged, 'goals', ...moved(merged.goals.values()));
    merged = put(merged, 'templates', ...templates.map((template) => eachKind(template, intoOther)));
    merged = put(merged, 'frames', ...frames.map((frame) => ({ ...frame, zones: frame.zones.map(zoneOf) })));
    merged = put(merged, 'seals', ...seals.map((seal) => sealMerged(seal, zoneOf, id, into)));
    const kept = bounds ?? (merged.targets.has(into) ? undefined : target);
    if (kept) merged = put(merged, 'targets', { ...kept, id: into, category: into });
    return forget(renamedInEvents(merged, from.name, to.name), 'categories', [id]);
  },
);

/** A sealed week that refers to one category in the place of another; a target that both had stays the other’s. */
function sealMerged(seal: Seal, zoneOf: (zone: FrameZone) => FrameZone, id: Id, into: Id): Seal {
  const taken = seal.targets.some(({ category }) => category === into);
  return {
    ...seal,
    zones: seal.zones.map(zoneOf),
    targets: seal.targets.flatMap((target) => {
      if (target.category !== id) return [target];
      return taken ? [] : [{ ...target, id: into, category: into }];
    }),
  };
}

/** Deletes a category; its tasks are in none then, and events go on telling its name. */
export const deleteCategory = command('delete category', (workspace, { id }: { id: Id }) => {
  existing(workspace.categories, id, 'category');
  return forget(workspace, 'categories', [id]);
});
