import { expose } from 'comlink';
import { NotACalendar, readCalendar, type CalendarFile } from '@/core/formats/readCalendar';
import type { Zone } from '@/core/time/zone';

/** Reads files away from the interface. Errors do not cross to it as they are, so what is no calendar is said by a word. */
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
