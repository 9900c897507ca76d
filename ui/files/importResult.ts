import type { ImportCounts } from '@/core/commands/importing';
import type { Problem } from '@/core/formats/contentLines';

/** What came of an import. */
export type ImportResult = {
  readonly counts: ImportCounts;
  readonly problems: readonly Problem[];
  /** Events and tasks that stayed out. */
  readonly leftOut: number;
  /** The list that the file's tasks went to, if it has any. */
  readonly tasksTo: string | null;
};
