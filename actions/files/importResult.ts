import type { ImportCounts } from '@/core/commands/importing';
import type { Span } from '@/core/time/span';
import type { Problem } from '@/core/formats/contentLines';

/** What came of an import. */
export type ImportResult = {
  readonly counts: ImportCounts;
  readonly problems: readonly Problem[];
  /** Events and tasks that stayed out. */
  readonly leftOut: number;
  /** The pockets that have become free by it. */
  readonly freed: readonly Span[];
  /** The list that the file's tasks went to, if it has any. */
  readonly tasksTo: string | null;
};
