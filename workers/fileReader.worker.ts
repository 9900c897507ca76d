import { expose } from 'comlink';
import { NotACalendar, readCalendar, type CalendarFile } from '@/core/formats/readCalendar';
import type { Zone } from '@/core/time/zone';

/** Reads files away from the interface. Errors lose their class on the way, so the message of a file that is no calendar is returned as text. */
const reader = {
  readCalendar(text: string, home: Zone, progress: (share: number) => void): CalendarFile | string {
    try {
      return readCalendar(text, home, progress);
    } catch (error) {
      if (error instanceof NotACalendar) return error.message;
      throw error;
    }
  },
};

export type FileReaderApi = typeof reader;

expose(reader);
