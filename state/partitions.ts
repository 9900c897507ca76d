import type { Change } from '@/core/commands/changes';
import {
  collectionNames,
  emptyWorkspace,
  recordSchemas,
  type AnyRecord,
  type CollectionName,
  type RecordOf,
  type Workspace,
} from '@/core/model/workspace';
import { Settings } from '@/core/model/settings';
import { z } from 'zod';

/**
 * How a workspace lies in storage: one key for each partition, a few kilobytes each however long the history is, so
 * that an edit rewrites little. What has a month is kept by month.
 */
const month = (instant: number) => new Date(instant).toISOString().slice(0, 7);

const partOfRecord: { [C in CollectionName]: (record: RecordOf<C>) => string } = {
  lists: () => 'all',
  calendars: () => 'all',
  tasks: ({ doneAt }) => (doneAt === null ? 'open' : `done-${month(doneAt)}`),
  events: ({ calendarId }) => calendarId,
  blocks: ({ start }) => month(start),
  tray: ({ date }) => date.slice(0, 7),
  entries: ({ from }) => month(from),
};

/** The partition that a record lies in, `blocks/2026-11`. */
export function partitionOf(name: CollectionName, record: AnyRecord): string {
  // TypeScript can't relate the union of functions to the one that name picks
  const part = partOfRecord[name] as (record: AnyRecord) => string;
  return `${name}/${part(record)}`;
}

/** The partitions that changes touch: where a record was and where it is now. */
export function touchedBy(changes: readonly Change[]): Set<string> {
  const touched = new Set<string>();
  for (const change of changes) {
    if (change.part === 'settings') touched.add('settings');
    else {
      for (const record of [change.before, change.after])
        if (record) touched.add(partitionOf(change.part, record));
    }
  }
  return touched;
}

/** Every partition that a workspace has. */
export const allPartitions = (workspace: Workspace): Set<string> =>
  touchedBy(
    collectionNames.flatMap((part) =>
      Object.values(workspace[part]).map((record): Change => ({
        part,
        id: record.id,
        before: null,
        after: record,
      })),
    ),
  ).add('settings');

const collectionOf = (partition: string) => partition.split('/')[0] as CollectionName; // partitions are named by partitionOf

/** What a partition holds, ready to be stored. */
export function contentOf(workspace: Workspace, partition: string): unknown {
  if (partition === 'settings') return workspace.settings;
  const name = collectionOf(partition);
  return Object.values(workspace[name]).filter((record) => partitionOf(name, record) === partition);
}

/** Puts stored contents together; what does not fit its schema is left out and its partition named as damaged. */
export function assemble(contents: Readonly<Record<string, unknown>>): {
  workspace: Workspace;
  damaged: string[];
} {
  const damaged: string[] = [];
  const workspace: Record<string, Record<string, unknown>> = {};
  let settings = emptyWorkspace.settings;
  for (const name of collectionNames) workspace[name] = {};
  for (const [partition, content] of Object.entries(contents)) {
    if (partition === 'settings') {
      const read = Settings.safeParse(content);
      if (read.success) settings = read.data;
      else damaged.push(partition);
      continue;
    }
    const name = collectionOf(partition);
    const list = z.array(z.unknown()).safeParse(content);
    if (!list.success || !(name in recordSchemas)) {
      damaged.push(partition);
      continue;
    }
    const read = list.data.map((record) => recordSchemas[name].safeParse(record));
    for (const record of read)
      if (record.success) Object.assign(workspace[name] ?? {}, { [record.data.id]: record.data });
    if (read.some(({ success }) => !success)) damaged.push(partition);
  }
  if (Object.keys(workspace.lists ?? {}).length === 0) workspace.lists = { ...emptyWorkspace.lists };
  return { workspace: { ...workspace, settings } as unknown as Workspace, damaged }; // each record was parsed by its schema
}
