import { collectionNames, type AnyRecord, type CollectionName, type Workspace } from '../model/workspace';
import { runningEntry } from '../plan/dayPlan';
import { command, put } from './command';

/** What merging does with the records of a file: how many are new here, win over those here, lose, or are the same. */
export type MergeCounts = {
  readonly added: number;
  readonly taken: number;
  readonly kept: number;
  readonly same: number;
};

const withoutTime = ({ changedAt: _, ...rest }: AnyRecord) => JSON.stringify(rest);

/** The records of `theirs` that are new here or were changed later than the same record here. */
function winners(ours: Workspace, theirs: Workspace, name: CollectionName) {
  const added: AnyRecord[] = [];
  const taken: AnyRecord[] = [];
  let [kept, same] = [0, 0];
  for (const record of theirs[name].values()) {
    const own = ours[name].get(record.id);
    if (!own) added.push(record);
    else if (withoutTime(own) === withoutTime(record)) same += 1;
    else if ((record.changedAt ?? 0) > (own.changedAt ?? 0)) taken.push(record);
    else kept += 1;
  }
  return { added, taken, kept, same };
}

/** What merging would do, without doing it. */
export function mergeCounts(ours: Workspace, theirs: Workspace): MergeCounts {
  const each = collectionNames.map((name) => winners(ours, theirs, name));
  const sum = (of: (one: (typeof each)[number]) => number) => each.reduce((total, one) => total + of(one), 0);
  return {
    added: sum(({ added }) => added.length),
    taken: sum(({ taken }) => taken.length),
    kept: sum(({ kept }) => kept),
    same: sum(({ same }) => same),
  };
}

/**
 * Joins another workspace into this one, record by record: what is only in one of them is in the result, and of two
 * versions of a record the later change wins. The settings stay as they are here. At most one timer runs: one that
 * runs in the other ends when it was last changed.
 */
export const mergeWorkspace = command('merge', (workspace, theirs: Workspace) => {
  const merged = collectionNames.reduce((before, name) => {
    const { added, taken } = winners(workspace, theirs, name);
    const records = [...added, ...taken] as never[]; // records of this collection only
    return records.length > 0 ? put(before, name, ...records) : before;
  }, workspace);
  const [own, other] = [runningEntry(workspace.entries), runningEntry(theirs.entries)];
  if (!own || !other || own.id === other.id || !merged.entries.has(other.id)) return merged;
  return put(merged, 'entries', { ...other, to: Math.max(other.from, other.changedAt ?? 0) });
});

/** Puts another workspace in the place of this one, as one step. */
export const replaceEverything = command('replace everything', (_, workspace: Workspace) => workspace);
