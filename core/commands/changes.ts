import { changedParts } from '../model/collection';
import { equal } from '../model/equal';
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
  return onceEach([...changes, ...deletions]).map((change) =>
    !isOfRecord(change) || !change.after || change.after.changedAt !== change.before?.changedAt
      ? change
      : { ...change, after: { ...change.after, changedAt: at } },
  );
}

/** Names what a change is of. */
export const keyOf = (change: Change): string =>
  isOfRecord(change) ? `${change.part}/${change.id}` : change.part;

/** One change of each record: what the last one says of it counts. */
function onceEach(changes: readonly Change[]): Change[] {
  const byRecord = new Map<string, Change>();
  for (const change of changes) {
    const key = keyOf(change);
    const earlier = byRecord.get(key);
    byRecord.set(key, earlier ? ({ ...change, before: earlier.before } as Change) : change); // of the same kind
  }
  return [...byRecord.values()];
}

/** A deleted record leaves word of it; one that is there again takes it back. */
function deletionOf(
  { part, id, before, after }: RecordChange,
  workspace: Workspace,
  at: number,
): RecordChange[] {
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
    return before ? fieldsMoved(current, before, after) : current;
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
      next[change.part] = fieldsMoved(current, change.before, change.after);
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

/** The names of the fields in which two things of a kind differ. */
export function differing(one: object, other: object): string[] {
  const [a, b] = [new Map(Object.entries(one)), new Map(Object.entries(other))];
  return [...new Set([...a.keys(), ...b.keys()])].filter((field) => !equal(a.get(field), b.get(field)));
}

/** A thing with some fields as another of its kind has them, absent ones too; the very same when there are none. */
export function withFieldsOf<R extends object>(one: R, other: object, fields: readonly string[]): R {
  if (fields.length === 0) return one;
  const [mixed, theirs] = [new Map(Object.entries(one)), new Map(Object.entries(other))];
  for (const field of fields) {
    if (theirs.has(field)) mixed.set(field, theirs.get(field));
    else mixed.delete(field);
  }
  return Object.fromEntries(mixed) as R; // the fields of two of its kind
}

/** `current` with what differs between `before` and `after`, but for what has been changed otherwise. */
function fieldsMoved<R extends object>(current: R, before: R, after: R): R {
  const changedSince = new Set(['changedAt', ...differing(before, current)]);
  return withFieldsOf(
    current,
    after,
    differing(before, after).filter((field) => !changedSince.has(field)),
  );
}
