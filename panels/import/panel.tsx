import type { ImportResult } from '@/actions/files/calendarFiles';
import type { Id } from '@/core/model/common';
import type { Panel, Panels } from '@/ui/panels';
import { Importing } from './Importing';
import { ImportInto } from './ImportInto';
import { ImportReport } from './ImportReport';

declare module '@/ui/panels' {
  interface Panels {
    /** How much of a file has been read, 0 to 1. */
    importing: { readonly name: string; readonly share: number; readonly cancel: () => void };
    /** Which calendar a file goes into that was never here. */
    importInto: { readonly name: string; readonly events: number };
    importReport: { readonly name: string; readonly report: ImportResult };
  }
  interface Answers {
    /** A calendar, or null for one of its own. */
    importInto: Id | null;
    /** The freed time is to be filled, or the import taken back. */
    importReport: 'fill' | 'late' | 'undo';
  }
}

export const importing: Panel<Panels['importing']> = {
  useTitle: ({ name }) => `Reading ${name}`,
  Content: Importing,
};

export const importInto: Panel<Panels['importInto']> = {
  useTitle: ({ name }) => `Calendar: ${name}`,
  Content: ImportInto,
};

export const importReport: Panel<Panels['importReport']> = {
  useTitle: ({ name }) => `Calendar: ${name}`,
  Content: ImportReport,
};
