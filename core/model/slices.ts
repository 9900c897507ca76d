import { changedParts } from './collection';
import { collectionNames, type AnyRecord, type CollectionName } from './records';
import type { Settings } from './settings';
import { bareWorkspace, type Workspace } from './workspace';

/** A bounded piece of what makes one workspace of another: plain data, which can be sent. */
export type Slice =
  | { readonly settings: Settings }
  | { readonly of: CollectionName; readonly put: readonly AnyRecord[]; readonly gone: readonly string[] };

/** No slice has more records than this. */
const MOST = 1000;

/** A workspace with nothing in it, from which slices make any other. */
export const nothingYet: Workspace = bareWorkspace({});

/** What makes `after` of `before`, slice by slice; only parts that differ are looked into, and none before it is asked for. */
export function* slicesBetween(before: Workspace, after: Workspace): Generator<Slice> {
  if (before.settings !== after.settings) yield { settings: after.settings };
  for (const of of collectionNames) {
    const [was, is] = [before[of], after[of]];
    for (const name of changedParts<AnyRecord>(was, is)) {
      const records: AnyRecord[] = [...(is.parts.get(name)?.values() ?? [])];
      const put = records.filter((record) => was.get(record.id) !== record);
      const gone = [...(was.parts.get(name)?.keys() ?? [])].filter((id) => !is.has(id));
      for (let at = 0; at < Math.max(put.length, gone.length); at += MOST)
        yield { of, put: put.slice(at, at + MOST), gone: gone.slice(at, at + MOST) };
    }
  }
}

/** The workspace with one more slice. */
export function withSlice(workspace: Workspace, slice: Slice): Workspace {
  if ('settings' in slice) return { ...workspace, settings: slice.settings };
  const { of, put, gone } = slice;
  return { ...workspace, [of]: workspace[of].with(put as never[], gone) }; // records of this collection
}
