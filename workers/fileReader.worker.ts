// for browsers without Temporal, which the page gives to itself only (scripts/bundle/temporal.js)
import 'temporal-polyfill/global';
import { expose } from 'comlink';
import { readMessages } from '@/core/formats/mail/mbox';
import { NotACalendar, readCalendar, type CalendarFile } from '@/core/formats/readCalendar';
import { readFeed, type FeedReading } from '@/core/formats/readFeed';
import { readTaskText } from '@/core/formats/taskText';
import { NotAWorkspace, readWorkspaceFile, type FileProblem } from '@/core/formats/workspaceFile';
import { collectionNames } from '@/core/model/records';
import { readThings } from '@/core/outside/readThings';
import { readItip } from '@/core/requests/itip';
import type { Settings } from '@/core/model/settings';
import type { Unknown } from '@/core/model/workspace';
import type { Zone } from '@/core/time/zone';

/** Why a file is none of its kind; errors lose their class on the way out of a worker. */
export type Refused = { readonly refused: string };

/** So many records are handed over at once, so that the page can draw in between. */
const HANDED = 1000;

/** What a workspace file says beside its records. */
type Rest = { readonly settings: Settings; readonly unknown: Unknown; readonly problems: FileProblem[] };

/** What `read` gives, or why the file was refused. */
async function refusing<T>(read: () => Promise<T> | T): Promise<T | Refused> {
  try {
    return await read();
  } catch (error) {
    if (error instanceof NotACalendar || error instanceof NotAWorkspace) return { refused: error.message };
    throw error;
  }
}

/** Reads files away from the interface. */
const reader = {
  readCalendar: (
    text: string,
    home: Zone,
    progress: (share: number) => void,
  ): Promise<CalendarFile | Refused> => refusing(() => readCalendar(text, home, progress)),

  readFeed: (text: string, home: Zone, known: ReadonlyMap<string, string>): Promise<FeedReading | Refused> =>
    refusing(() => readFeed(text, home, known)),

  readThings,

  readItips: (texts: readonly string[], home: Zone) => texts.map((text) => readItip(text, home)),

  readTasks: readTaskText,

  readMessages,

  /** The records go to `take`, some at a time, before it resolves to the rest. */
  readWorkspace: (
    text: string,
    progress: (share: number) => void,
    take: (name: string, records: unknown[]) => void,
  ): Promise<Rest | Refused> =>
    refusing(async () => {
      const { workspace, problems } = readWorkspaceFile(text, progress);
      for (const name of collectionNames) {
        const records: unknown[] = workspace[name].values();
        for (let at = 0; at < records.length; at += HANDED) await take(name, records.slice(at, at + HANDED));
      }
      return { settings: workspace.settings, unknown: workspace.unknown, problems };
    }),
};

export type FileReaderApi = typeof reader;

expose(reader);
