import { Collection } from './collection';
import { withFrame } from './firstFrame';
import { collectionNames, kindOf, type AnyRecord, type CollectionName, type RecordOf } from './records';
import { defaultSettings, type Settings } from './settings';
import type { TaskList } from './task';

/**
 * Partitions of collections that this build does not know, by name (`frames/all`), as a later one wrote them. They are
 * not looked into and go out again as they came.
 */
export type Unknown = Readonly<Record<string, { readonly version: number; readonly content: unknown }>>;

/** All of a person's data, immutable. */
export type Workspace = { readonly settings: Settings; readonly unknown: Unknown } & {
  readonly [C in CollectionName]: Collection<RecordOf<C>>;
};

export type Contents = { readonly [C in CollectionName]?: Iterable<RecordOf<C>> };

/** The list that every person has from the start and that deleted lists' tasks can go to. */
export const firstList: TaskList = { id: 'first-list', name: 'General', hue: 'slate', icon: 'pen', rank: 0 };

/** A workspace of these records and nothing else: not even of the list that every task needs. */
export function bareWorkspace(
  contents: Contents,
  settings: Settings = defaultSettings,
  unknown: Unknown = {},
): Workspace {
  const collections = collectionNames.map((name) => {
    const given: Iterable<AnyRecord> = contents[name] ?? [];
    return [name, Collection.of(kindOf(name).part, given)] as const;
  });
  // the table has every collection, each made of records of its own kind
  return { settings, unknown, ...Object.fromEntries(collections) } as unknown as Workspace;
}

/** The workspace with a list: without any it gets the first one. */
export const withList = (workspace: Workspace): Workspace =>
  workspace.lists.size > 0 ? workspace : { ...workspace, lists: workspace.lists.with([firstList]) };

/** A workspace of these records; without lists and frames it gets the first ones, which every task and every week need. */
export const workspaceOf = (contents: Contents, settings?: Settings, unknown?: Unknown): Workspace =>
  withFrame(withList(bareWorkspace(contents, settings, unknown)));

export const emptyWorkspace: Workspace = workspaceOf({});
