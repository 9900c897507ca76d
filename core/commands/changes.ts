import { changedParts } from '../model/collection';
import type { Deletion } from '../model/deletion';
import { collectionNames, type AnyRecord, type CollectionName } from '../model/records';
import type { Settings } from '../model/settings';
import type { Unknown, Workspace } from '../model/workspace';

/** What happened to one record: its value before and after, null where it did not exist; or to what is no record. */
export type Change =
  | {
      readonly part: CollectionName;
      readonly id: string;
      readonly before: AnyRecord | null;
      readonly after: AnyRecord | null;
    }
  | { readonly part: 'settings'; readonly before: Settings; readonly after: Settings }
  | { readonly part: 'unknown'; readonly before: Unknown; readonly after: Unknown };

type RecordChange = Extract<Change, { id: string }>;

const isOfRecord = (change: Change): change is RecordChange => 'id' in change;

/** All differences between two workspaces, record by record. Only the parts that differ are walked. */
export function changesBetween(before: Workspace, after: Workspace): Change[] {
  const changes: Change[] = [];
  if (before.settings !== after.settings) {
    changes.push({ part: 'settings', before: before.settings, after: after.settings });
  }
  if (before.unknown !== after.unknown) {
    changes.push({ part: 'unknown', before: before.unknown, after: after.unknown });
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

/**
 * All differences between two workspaces as they are kept: each record marked as changed at an instant (epoch ms), but
 * for records that bring another time of their own, as those of a file do; and what is deleted remembered as such.
 */
export function changesAt(before: Workspace, after: Workspace, at: number): Change[] {
  const changes = changesBetween(before, after);
  const deletions = changes.filter(isOfRecord).flatMap((change) => deletionOf(change, after, at));
  return [...changes, ...deletions].map((change) =>
    !isOfRecord(change) || !change.after || change.after.changedAt !== change.before?.changedAt
      ? change
      : { ...change, after: { ...change.after, changedAt: at } },
  );
}

/** A deleted record leaves word of it; one that is there again takes it back. */
function deletionOf({ part, id, before, after }: RecordChange, workspace: Workspace, at: number): Change[] {
  if (part === 'deletions') return [];
  const known = workspace.deletions.get(`${part}/${id}`) ?? null;
  if (before && !after && !known) {
    const deletion: Deletion = { id: `${part}/${id}`, collection: part, of: id, at };
    return [{ part: 'deletions', id: deletion.id, before: null, after: deletion }];
  }
  return after && known ? [{ part: 'deletions', id: known.id, before: known, after: null }] : [];
}

/** The same changes backwards: applying them undoes the ones given. */
export const reversed = (changes: readonly Change[]): Change[] =>
  changes.map((change) => ({ ...change, before: change.after, after: change.before }) as Change).reverse(); // before and after swap within one kind

/** The workspace with each changed record set to its value after the change, whatever it was. */
export const applyChanges = (workspace: Workspace, changes: readonly Change[]): Workspace =>
  applied(workspace, changes, (_, { after }) => after);

/**
 * The workspace after changes made some time ago, forwards or backwards. What has been changed otherwise since then,
 * in another tab for example, stays: the later change wins, field by field.
 */
export const retraced = (workspace: Workspace, changes: readonly Change[]): Workspace =>
  applied(workspace, changes, (current, { before, after }) => {
    if (!current || !after) return before && !current ? null : after;
    return before ? fieldsMoved(current, before, after, 'keep mine') : current;
  });

/** The workspace after changes that another tab has made. What both changed at once ends as the later of them left it. */
export const fromOtherTab = (workspace: Workspace, changes: readonly Change[]): Workspace =>
  applied(workspace, changes, (current, { before, after }) => {
    if (!current || !before || !after) return after;
    const later = isLater(after, current) ? 'take theirs' : 'keep mine';
    const moved = fieldsMoved(current, before, after, later);
    return { ...moved, changedAt: Math.max(current.changedAt ?? 0, after.changedAt ?? 0) };
  });

function applied(
  workspace: Workspace,
  changes: readonly Change[],
  outcome: (current: AnyRecord | null, change: RecordChange) => AnyRecord | null,
): Workspace {
  const next: Record<string, unknown> = { ...workspace };
  const put: Partial<Record<CollectionName, AnyRecord[]>> = {};
  const gone: Partial<Record<CollectionName, string[]>> = {};
  for (const change of changes) {
    if (!isOfRecord(change)) {
      const current: object = workspace[change.part];
      next[change.part] = fieldsMoved(current, change.before, change.after, 'take theirs');
      continue;
    }
    const current = workspace[change.part].get(change.id) ?? null;
    const after = outcome(current, change);
    if (after === current) continue;
    if (after) (put[change.part] ??= []).push(after);
    else (gone[change.part] ??= []).push(change.id);
  }
  for (const name of collectionNames) {
    next[name] = workspace[name].with((put[name] ?? []) as never[], gone[name]); // records of this collection only
  }
  return next as Workspace; // every key of a Workspace was copied
}

const same = (a: unknown, b: unknown) => a === b || JSON.stringify(a) === JSON.stringify(b);

/** `current` with what differs between `before` and `after`; where it has been changed otherwise, `clash` decides. */
function fieldsMoved<R extends object>(
  current: R,
  before: R,
  after: R,
  clash: 'take theirs' | 'keep mine',
): R {
  const [now, was, is] = [current, before, after].map((record) => new Map(Object.entries(record)));
  const moved = new Map<string, unknown>();
  for (const key of new Set([...(was?.keys() ?? []), ...(is?.keys() ?? [])])) {
    const [old, new_] = [was?.get(key), is?.get(key)];
    const free = clash === 'take theirs' || same(now?.get(key), old);
    if (key !== 'changedAt' && !same(old, new_) && free) moved.set(key, new_);
  }
  if (moved.size === 0) return current;
  const all = new Map([...(now ?? []), ...moved]);
  return Object.fromEntries([...all].filter(([, value]) => value !== undefined)) as R; // the fields of R, as they were given
}

/** Whether a record was changed after another; of two changed at the same moment every tab picks the same. */
function isLater(mine: AnyRecord, other: AnyRecord): boolean {
  const [a, b] = [mine.changedAt ?? 0, other.changedAt ?? 0];
  return a === b ? JSON.stringify(mine) > JSON.stringify(other) : a > b;
}
