import { proxy, wrap, type Remote } from 'comlink';
import type { ReadMessage } from '@/core/formats/mail/readMessage';
import type { FeedReading } from '@/core/formats/readFeed';
import type { CalendarFile } from '@/core/formats/readCalendar';
import type { TaskText } from '@/core/formats/taskText';
import type { FileProblem } from '@/core/formats/workspaceFile';
import type { ReadThing, Thing } from '@/core/outside/readThings';
import type { Itip, NoItip } from '@/core/requests/itip';
import { workspaceOf, type Workspace } from '@/core/model/workspace';
import type { Zone } from '@/core/time/zone';
import type { FileReaderApi, Refused } from './fileReader.worker';

/** Somebody changed their mind while a file was being read. */
export class Cancelled extends Error {}

/** A file that is none of the kind that it was taken for; the message says what is wrong with it. */
export class Unusable extends Error {}

export type Options = {
  /** Hears which share (0 to 1) has been read. */
  readonly progress: (share: number) => void;
  readonly signal: AbortSignal;
};

/** Has a worker of its own do something with a file, and ends it. Throws Unusable, and Cancelled when `signal` says so. */
async function inWorker<T>(
  signal: AbortSignal,
  act: (reader: Remote<FileReaderApi>) => Promise<T | Refused>,
): Promise<T> {
  const worker = new Worker(new URL('./fileReader.worker.ts', import.meta.url), { type: 'module' });
  try {
    const stopped = new Promise<never>((_, fail) => {
      signal.addEventListener('abort', () => fail(new Cancelled('cancelled')));
      worker.addEventListener('error', ({ message }) => fail(new Error(message)));
    });
    const result = await Promise.race([act(wrap<FileReaderApi>(worker)), stopped]);
    if (isRefused(result)) throw new Unusable(result.refused);
    return result;
  } finally {
    worker.terminate();
  }
}

const isRefused = (result: unknown): result is Refused =>
  typeof result === 'object' && result !== null && 'refused' in result;

/** Reads a calendar file. Throws Unusable for other files, and Cancelled. */
export const readCalendarFile = (
  text: string,
  home: Zone,
  { progress, signal }: Options,
): Promise<CalendarFile> => inWorker(signal, (reader) => reader.readCalendar(text, home, proxy(progress)));

/** Reads what a subscribed calendar says, beside the marks of what it said before. Throws Unusable for what is no calendar. */
export const readFeedText = (
  text: string,
  home: Zone,
  known: ReadonlyMap<string, string>,
): Promise<FeedReading> =>
  inWorker(new AbortController().signal, (reader) => reader.readFeed(text, home, known));

/** Reads what stands in a calendar of an account. */
export const readAllThings = (things: readonly Thing[], home: Zone): Promise<ReadThing[]> =>
  inWorker(new AbortController().signal, (reader) => reader.readThings(things, home));

/** Reads messages about events. */
export const readAllItips = (texts: readonly string[], home: Zone): Promise<(Itip | NoItip)[]> =>
  inWorker(new AbortController().signal, (reader) => reader.readItips(texts, home));

/** Reads a text of tasks. Throws Cancelled. */
export const readTaskFile = (
  text: string,
  now: number,
  home: Zone,
  { progress, signal }: Options,
): Promise<TaskText> =>
  inWorker<TaskText>(signal, (reader) => reader.readTasks(text, now, home, proxy(progress)));

/** Reads the messages of a file; none of one that is no message. Throws Cancelled. */
export const readMessageFile = (bytes: Uint8Array, { progress, signal }: Options): Promise<ReadMessage[]> =>
  inWorker(signal, (reader) => reader.readMessages(bytes, proxy(progress)));

/** Reads a workspace file. Throws Unusable for other files, and Cancelled. */
export function readWorkspaceFile(
  text: string,
  { progress, signal }: Options,
): Promise<{ workspace: Workspace; problems: FileProblem[] }> {
  const contents: Record<string, unknown[]> = {};
  const take = (name: string, records: unknown[]) => void (contents[name] ??= []).push(...records);
  return inWorker(signal, async (reader) => {
    const read = await reader.readWorkspace(text, proxy(progress), proxy(take));
    if ('refused' in read) return read;
    // the worker has read each record by the schema of its collection
    return { ...read, workspace: workspaceOf(contents, read.settings, read.unknown) };
  });
}
