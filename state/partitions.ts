import * as z from '@/core/zod';
import { withCategoriesOfText } from '@/core/model/categories';
import { withFrame } from '@/core/model/firstFrame';
import { changedParts, type Collection } from '@/core/model/collection';
import {
  collectionNames,
  isCollection,
  kindOf,
  type AnyRecord,
  type CollectionName,
} from '@/core/model/records';
import { Settings, defaultSettings } from '@/core/model/settings';
import { bareWorkspace, withList, type Contents, type Unknown, type Workspace } from '@/core/model/workspace';

/**
 * How a workspace lies in storage: one key for each part of each collection (`blocks/2026-11`), a few kilobytes each
 * however long the history is, so that an edit rewrites little.
 */

/** The partitions that differ between two workspaces; without `before`, every one of `after`. */
export function changedPartitions(before: Workspace | null, after: Workspace): string[] {
  const known = collectionNames.flatMap((name) => {
    const parts = before ? changedParts<AnyRecord>(before[name], after[name]) : [...after[name].parts.keys()];
    return parts.map((part) => `${name}/${part}`);
  });
  const names = new Set([...Object.keys(before?.unknown ?? {}), ...Object.keys(after.unknown)]);
  const unknown = [...names].filter((name) => before?.unknown[name] !== after.unknown[name]);
  const settings = before?.settings === after.settings ? [] : ['settings'];
  return [...known, ...unknown, ...settings];
}

/** The collection and the part of it that a partition holds. */
export function placeOf(partition: string): [string, string] {
  const [name = '', ...part] = partition.split('/');
  return [name, part.join('/')];
}

/** What a partition of a known collection, or of the settings, holds, ready to be stored. */
export function contentOf(workspace: Workspace, partition: string): unknown {
  const [name, part] = placeOf(partition);
  return isCollection(name) ? [...(workspace[name].parts.get(part)?.values() ?? [])] : workspace.settings;
}

type Assembled = {
  readonly workspace: Workspace;
  /** Partitions of which something did not fit its schema. */
  readonly damaged: string[];
  /** Partitions that have to be written, as what was stored lies elsewhere now. */
  readonly moved: string[];
};

/**
 * Puts stored contents together, a partition at a time; what does not fit its schema is left out and its partition named
 * as damaged.
 */
export function assembling() {
  const damaged: string[] = [];
  const moved = new Set<string>();
  const found = new Map<CollectionName, AnyRecord[]>();
  /** What was put together before, of which nothing is made anew. */
  let before = bareWorkspace({});
  let settings = defaultSettings;
  let hasCategories = false;

  /** Takes what a partition holds if all of it fits its schema, else nothing; returns whether it did. */
  function take(partition: string, content: unknown): boolean {
    const [name, part] = placeOf(partition);
    if (!isCollection(name)) {
      const read = Settings.safeParse(content);
      if (read.success) settings = read.data;
      return read.success;
    }
    const read = recordsIn(name, content);
    if (read.whole) put(name, part, read.records);
    return read.whole;
  }

  /** Takes what fits of a partition that is damaged. */
  function salvage(partition: string, content: unknown): void {
    damaged.push(partition);
    const [name, part] = placeOf(partition);
    if (isCollection(name)) put(name, part, recordsIn(name, content).records);
  }

  function put(name: CollectionName, part: string, records: readonly AnyRecord[]): void {
    hasCategories ||= name === 'categories';
    const { part: partOf } = kindOf(name);
    const kept = found.get(name) ?? [];
    found.set(name, kept);
    for (const record of records) {
      const home = partOf(record);
      if (home !== part) moved.add(`${name}/${part}`).add(`${name}/${home}`);
      kept.push(record);
    }
  }

  /** What has been taken so far, as it was stored; `unknown` is what another build stored. */
  function stored(unknown: Unknown): Workspace {
    // each record was parsed by the schema of its own collection
    const added = bareWorkspace(Object.fromEntries(found) as Contents, settings, unknown);
    found.clear();
    before = joined(before, added);
    return withList(before);
  }

  return {
    take,
    salvage,
    /** What has been taken so far as a workspace. */
    workspace: (unknown: Unknown = {}): Workspace => withFrame(stored(unknown)),
    /** Everything, once all partitions are taken; older data gets the categories and the frame that it tells. */
    whole(unknown: Unknown = {}): Assembled {
      const before = stored(unknown);
      const framed = withFrame(before);
      const whole = hasCategories ? framed : withCategoriesOfText(framed);
      // a first frame that was made of nothing is made again as long as it stays as it is
      const compared = framed.settings === before.settings ? framed : before;
      return { workspace: whole, damaged, moved: [...moved, ...changedPartitions(compared, whole)] };
    },
  };
}

/** Two workspaces in one; the later has its say in what there is once. */
function joined(before: Workspace, after: Workspace): Workspace {
  const collections = collectionNames.map((name) => {
    const one = before[name] as unknown as Collection<AnyRecord>; // as the other, which has the same name
    return [name, one.joined(after[name] as unknown as Collection<AnyRecord>)] as const;
  });
  return { ...after, ...Object.fromEntries(collections) };
}

/** All of stored contents put together. */
export function assemble(contents: Readonly<Record<string, unknown>>, unknown: Unknown = {}): Assembled {
  const parts = assembling();
  for (const [partition, content] of Object.entries(contents))
    if (!parts.take(partition, content)) parts.salvage(partition, content);
  return parts.whole(unknown);
}

/** The records of a stored list that fit their schema, and whether those were all. */
function recordsIn(name: CollectionName, content: unknown): { records: AnyRecord[]; whole: boolean } {
  const list = z.array(z.unknown()).safeParse(content);
  if (!list.success) return { records: [], whole: false };
  const { schema } = kindOf(name);
  const records: AnyRecord[] = [];
  for (const record of list.data) {
    const read = schema.safeParse(record);
    if (read.success) records.push(read.data);
  }
  return { records, whole: records.length === list.data.length };
}
