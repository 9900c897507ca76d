import { calendarOfSource, importCalendar, importCounts } from '@/core/commands/calendar';
import { NotACalendar, readCalendar } from '@/core/formats/readCalendar';
import { Hue } from '@/core/model/common';
import type { Calendar } from '@/core/model/event';
import { session } from '@/state/session';
import { newId, store } from '@/state/workspaceStore';
import { openSheet } from '../sheets';

/**
 * Brings a calendar file in and reports what came of it. A file is known again by its name; what cannot be read is
 * listed by line, and a file that is no calendar changes nothing.
 */
export async function importCalendarFile(file: File): Promise<void> {
  try {
    const { name, events, problems } = readCalendar(await file.text(), session.zone);
    const { workspace } = store.getState();
    const calendar: Calendar = calendarOfSource(workspace, file.name) ?? {
      id: newId(),
      name: name ?? file.name.replace(/\.ics$/i, ''),
      source: file.name,
      hue: Hue.options[workspace.calendars.size % Hue.options.length] ?? 'slate',
    };
    const counts = importCounts(workspace, { calendar, events });
    if (events.length === 0 && problems.length > 0) {
      openSheet({ kind: 'importReport', name: file.name, counts, problems });
    } else if (store.run(importCalendar, { calendar, events })) {
      openSheet({ kind: 'importReport', name: calendar.name, counts, problems });
    }
  } catch (error) {
    if (!(error instanceof NotACalendar)) throw error;
    store.say(`${file.name}: ${error.message} Nothing was changed.`, 'problem');
  }
}
