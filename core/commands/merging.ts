import { equal } from '../model/equal';
import { collectionNames, type AnyRecord, type CollectionName } from '../model/records';
import type { Workspace } from '../model/workspace';
import { inRank } from '../tasks/order';
import { runningEntry } from '../track/entries';
import { command, forget, put } from './command';

/** What merging does with the records of a file, and with those here. */
export type MergeCounts = {
  /** New here. */
  readonly added: number;
  /** Changed later in the file than here. */
  readonly taken: number;
  /** Changed later here, or deleted here since. */
  readonly kept: number;
  readonly same: number;
  /** Here, and deleted in the file since they were changed. */
  readonly gone: number;
};

const withoutTime = ({ changedAt: _, ...rest }: AnyRecord) => rest;
const timeOf = ({ changedAt = 0 }: AnyRecord) => changedAt;

/** Whether a record was deleted in a workspace after it was last changed. */
const deletedIn = ({ deletions }: Workspace, name: CollectionName, record: AnyRecord): boolean => {
  const deletion = deletions.get(`${name}/${record.id}`);
  return deletion !== undefined && deletion.at >= timeOf(record);
};

/** What becomes of the records of one collection. */
function outcome(ours: Workspace, theirs: Workspace, name: CollectionName) {
  const added: AnyRecord[] = [];
  const taken: AnyRecord[] = [];
  let [kept, same] = [0, 0];
  for (const record of theirs[name].values()) {
    const own = ours[name].get(record.id);
    if (!own && deletedIn(ours, name, record)) kept += 1;
    else if (!own) added.push(record);
    else if (equal(withoutTime(own), withoutTime(record))) same += 1;
    else if (timeOf(record) > timeOf(own)) taken.push(record);
    else kept += 1;
  }
  const gone = theirs.deletions
    .values()
    .filter((deletion) => deletion.collection === name && !theirs[name].has(deletion.of))
    .flatMap(({ of }) => ours[name].get(of) ?? [])
    .filter((record: AnyRecord) => deletedIn(theirs, name, record))
    .map(({ id }) => id);
  return { added, taken, kept, same, gone };
}

/** What merging would do, without doing it; what only notes deletions is not counted. */
export function mergeCounts(ours: Workspace, theirs: Workspace): MergeCounts {
  const each = collectionNames
    .filter((name) => name !== 'deletions')
    .map((name) => outcome(ours, theirs, name));
  const sum = (of: (counts: (typeof each)[number]) => number) =>
    each.reduce((total, counts) => total + of(counts), 0);
  return {
    added: sum(({ added }) => added.length),
    taken: sum(({ taken }) => taken.length),
    kept: sum(({ kept }) => kept),
    same: sum(({ same }) => same),
    gone: sum(({ gone }) => gone.length),
  };
}

/**
 * Joins another workspace into this one, record by record: what is only in one of them is in the result unless it was
 * deleted in the other since, and of two versions of a record the later change wins. The settings stay as they are
 * here. At most one timer runs: one that runs in the other ends when it was last changed.
 */
export const mergeWorkspace = command('merge', (workspace, theirs: Workspace) => {
  const outcomes = collectionNames.map((name) => ({ name, ...outcome(workspace, theirs, name) }));
  const joined = outcomes.reduce((before, { name, added, taken }) => {
    const records = [...added, ...taken] as never[]; // records of this collection only
    return records.length > 0 ? put(before, name, ...records) : before;
  }, workspace);
  const bare = outcomes.reduce((before, { name, gone }) => {
    const allLists = name === 'lists' && gone.length === before.lists.size;
    return gone.length === 0 || allLists ? before : forget(before, name, gone);
  }, joined);
  const merged = { ...inSomeList(bare), unknown: { ...theirs.unknown, ...bare.unknown } };
  const [own, other] = [runningEntry(workspace.entries), runningEntry(theirs.entries)];
  if (!own || !other || own.id === other.id || !merged.entries.has(other.id)) return merged;
  return put(merged, 'entries', { ...other, to: Math.max(other.from, other.changedAt ?? 0) });
});

/** What lies in a list that was deleted in the other workspace goes to the first that is left. */
function inSomeList(workspace: Workspace): Workspace {
  const [first] = inRank(workspace.lists);
  const lost = ({ listId }: { listId: string }) => !workspace.lists.has(listId);
  if (!first) return workspace;
  const listId = first.id;
  const tasks = workspace.tasks.values().filter(lost);
  const repeats = workspace.repeats.values().filter(lost);
  const moved = put(workspace, 'tasks', ...tasks.map((task) => ({ ...task, listId })));
  return put(moved, 'repeats', ...repeats.map((repeating) => ({ ...repeating, listId })));
}

/** Puts another workspace in the place of this one, as one step. */
export const replaceEverything = command('replace everything', (_, workspace: Workspace) => workspace);
