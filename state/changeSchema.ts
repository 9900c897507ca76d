import * as z from '@/core/zod';
import type { Change } from '@/core/commands/changes';
import { Id } from '@/core/model/common';
import { collectionNames, kindOf, type CollectionName } from '@/core/model/records';
import { Settings } from '@/core/model/settings';

/*
 * Changes that come from outside: from another tab, or from a page that was left before it had written them.
 */

const changeOf = (part: CollectionName) => {
  const record = z.nullable(kindOf(part).schema);
  return z.object({ part: z.literal(part), id: Id, before: record, after: record });
};
const Unknown = z.record(z.string(), z.object({ version: z.number(), content: z.unknown() }));
const AnyChange = z.union([
  z.object({ part: z.literal('settings'), before: Settings, after: Settings }),
  z.object({ part: z.literal('unknown'), before: Unknown, after: Unknown }),
  ...collectionNames.map(changeOf),
]);

/** The changes of a list that can be read; the others are passed over. */
export function readChanges(list: unknown): Change[] {
  const read = z.array(z.unknown()).safeParse(list);
  return (read.data ?? []).flatMap((entry) => {
    const change = AnyChange.safeParse(entry);
    // the union has exactly the kinds of a Change, one for each collection, which its type no longer tells
    return change.success ? [change.data as Change] : [];
  });
}
