import { z } from 'zod';
import { changedParts } from '@/core/model/collection';
import { Settings, defaultSettings } from '@/core/model/settings';
import {
  collectionNames,
  recordSchemas,
  workspaceOf,
  type AnyRecord,
  type CollectionName,
  type Workspace,
} from '@/core/model/workspace';

/**
 * How a workspace lies in storage: one key for each part of each collection (`blocks/2026-11`), a few kilobytes each
 * however long the history is, so that an edit rewrites little.
 */

/** The partitions that differ between two workspaces; without `before`, every one of `after`. */
export function changedPartitions(before: Workspace | null, after: Workspace): string[] {
  const partitions = collectionNames.flatMap((name) => {
    const parts = before ? changedParts<AnyRecord>(before[name], after[name]) : [...after[name].parts.keys()];
    return parts.map((part) => `${name}/${part}`);
  });
  return before?.settings === after.settings ? partitions : [...partitions, 'settings'];
}

/** The collection and the part of it that a partition holds. */
function placeOf(partition: string): [CollectionName, string] {
  const [name = '', ...part] = partition.split('/');
  return [name as CollectionName, part.join('/')]; // checked by the callers where it comes from storage
}

/** What a partition holds, ready to be stored. */
export function contentOf(workspace: Workspace, partition: string): unknown {
  if (partition === 'settings') return workspace.settings;
  const [name, part] = placeOf(partition);
  return [...(workspace[name].parts.get(part)?.values() ?? [])];
}

/** Puts stored contents together; what does not fit its schema is left out and its partition named as damaged. */
export function assemble(contents: Readonly<Record<string, unknown>>): {
  workspace: Workspace;
  damaged: string[];
} {
  const damaged: string[] = [];
  const records: Partial<Record<CollectionName, AnyRecord[]>> = {};
  let settings = defaultSettings;
  for (const [partition, content] of Object.entries(contents)) {
    if (partition === 'settings') {
      const read = Settings.safeParse(content);
      if (read.success) settings = read.data;
      else damaged.push(partition);
      continue;
    }
    const [name] = placeOf(partition);
    const list = z.array(z.unknown()).safeParse(content);
    if (!list.success || !(name in recordSchemas)) {
      damaged.push(partition);
      continue;
    }
    const kept = (records[name] ??= []);
    const before = kept.length;
    for (const record of list.data) {
      const read = recordSchemas[name].safeParse(record);
      if (read.success) kept.push(read.data);
    }
    if (kept.length - before < list.data.length) damaged.push(partition);
  }
  // each record was parsed by the schema of its own collection
  return { workspace: workspaceOf(records as Parameters<typeof workspaceOf>[0], settings), damaged };
}
