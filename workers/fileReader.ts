import { proxy, wrap } from 'comlink';
import { NotACalendar, type CalendarFile } from '@/core/formats/readCalendar';
import type { Zone } from '@/core/time/zone';
import type { FileReaderApi } from './fileReader.worker';

/** Somebody changed their mind while a file was being read. */
export class Cancelled extends Error {}

type Options = { readonly progress: (share: number) => void; readonly signal: AbortSignal };

/**
 * Reads a calendar file in a worker of its own, which ends with it. Throws NotACalendar for other files, and Cancelled
 * when `signal` says so.
 */
export async function readCalendarFile(
  text: string,
  home: Zone,
  { progress, signal }: Options,
): Promise<CalendarFile> {
  const worker = new Worker(new URL('./fileReader.worker.ts', import.meta.url), { type: 'module' });
  try {
    const stopped = new Promise<never>((_, fail) => {
      signal.addEventListener('abort', () => fail(new Cancelled('cancelled')));
      worker.addEventListener('error', ({ message }) => fail(new Error(message)));
    });
    const result = await Promise.race([
      wrap<FileReaderApi>(worker).readCalendar(text, home, proxy(progress)),
      stopped,
    ]);
    if (typeof result === 'string') throw new NotACalendar(result);
    return result;
  } finally {
    worker.terminate();
  }
}
