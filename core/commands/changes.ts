import { changedParts } from '../model/collection';
import { collectionNames, type AnyRecord, type CollectionName, type Workspace } from '../model/workspace';
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

/** All differences between two workspaces, record by record. Only the parts that differ are walked. */
export function changesBetween(before: Workspace, after: Workspace): Change[] {
  const changes: Change[] = [];
  if (before.settings !== after.settings) {
    changes.push({ part: 'settings', before: before.settings, after: after.settings });
  }
  for (const part of collectionNames) {
    const names = changedParts<AnyRecord>(before[part], after[part]);
    const recordsOf = (workspace: Workspace) =>
      new Map<string, AnyRecord>(names.flatMap((name) => [...(workspace[part].parts.get(name) ?? [])]));
    const [was, is] = [recordsOf(before), recordsOf(after)];
    for (const id of new Set([...was.keys(), ...is.keys()])) {
      const [old, now] = [was.get(id) ?? null, is.get(id) ?? null];
      if (old !== now) changes.push({ part, id, before: old, after: now });
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
  for (const change of changes) if (change.part === 'settings') next.settings = change.after;
  for (const name of collectionNames) {
    const own = changes.filter((change) => change.part === name);
    const put = own.flatMap(({ after }) => (after ? [after as never] : [])); // records of this collection only
    const gone = own.flatMap((change) => (change.part !== 'settings' && !change.after ? [change.id] : []));
    next[name] = workspace[name].with(put, gone);
  }
  return next as Workspace; // every key of a Workspace was copied
}
