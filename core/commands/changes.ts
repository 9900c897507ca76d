import { collectionNames, type AnyRecord, type CollectionName, type Workspace } from '../model/workspace';
import { idsSince } from './provenance';
import type { Settings } from '../model/settings';

/** What happened to one record, or to the settings: its value before and after, null where it did not exist. */
export type Change =
  | {
      readonly part: CollectionName;
      readonly id: string;
      readonly before: AnyRecord | null;
      readonly after: AnyRecord | null;
    }
  | { readonly part: 'settings'; readonly before: Settings; readonly after: Settings };

/** All differences between two workspaces, record by record. Collections that are the same object are not walked. */
export function changesBetween(before: Workspace, after: Workspace): Change[] {
  const changes: Change[] = [];
  if (before.settings !== after.settings) {
    changes.push({ part: 'settings', before: before.settings, after: after.settings });
  }
  for (const part of collectionNames) {
    if (before[part] === after[part]) continue;
    const was: Readonly<Record<string, AnyRecord>> = before[part];
    const is: Readonly<Record<string, AnyRecord>> = after[part];
    const ids = idsSince(was, is) ?? new Set([...Object.keys(was), ...Object.keys(is)]);
    for (const id of ids) {
      if (is[id] !== was[id]) changes.push({ part, id, before: was[id] ?? null, after: is[id] ?? null });
    }
  }
  return changes;
}

/** The same changes backwards: applying them undoes the ones given. */
export const reversed = (changes: readonly Change[]): Change[] =>
  changes.map((change) => ({ ...change, before: change.after, after: change.before }) as Change).reverse(); // before and after swap within one kind

/** The workspace with each changed record set to its value after the change, whatever it was. */
export function applyChanges(workspace: Workspace, changes: readonly Change[]): Workspace {
  const next: Record<string, unknown> = { ...workspace };
  const opened = new Set<string>();
  for (const change of changes) {
    if (change.part === 'settings') {
      next.settings = change.after;
      continue;
    }
    if (!opened.has(change.part)) next[change.part] = { ...workspace[change.part] };
    opened.add(change.part);
    // the collection was copied above and is ours to write
    const collection = next[change.part] as Record<string, AnyRecord>;
    if (change.after) collection[change.id] = change.after;
    else delete collection[change.id];
  }
  return next as Workspace; // every key of a Workspace was copied
}
