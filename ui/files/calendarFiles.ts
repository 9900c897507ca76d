import { calendarOfSource, importCalendars, importCounts, type Import } from '@/core/commands/importing';
import { NotACalendar, type FileCalendar } from '@/core/formats/readCalendar';
import { Hue } from '@/core/model/common';
import { firstList } from '@/core/model/workspace';
import { session } from '@/state/session';
import { newId, store } from '@/state/workspaceStore';
import { Cancelled, readCalendarFile } from '@/workers/fileReader';
import { closeSheet, openSheet } from '../sheets';
import { hueOfColour } from './colourNames';

/** A quick read is over before a sheet about it could be understood. */
const SHOWN_AFTER = 250;
const LARGEST = 50_000_000;

/** The calendar that a calendar of a file goes into: the one that came from there before, or a new one. */
function target({ name, color, kept }: FileCalendar, file: string, i: number): Import['calendar'] {
  const { workspace } = store.getState();
  const source = i === 0 ? file : `${file}, ${name}`;
  const known = calendarOfSource(workspace, source);
  if (known) return { ...known, kept };
  const next = Hue.options[(workspace.calendars.size + i) % Hue.options.length] ?? 'slate';
  const hue = (color && hueOfColour(color)) || next;
  return { id: newId(), name: name ?? file.replace(/\.ics$/i, ''), source, hue, kept };
}

/**
 * Brings a calendar file in and reports what came of it. A file is known again by its name; what cannot be read is
 * listed by line, and a file that is no calendar changes nothing. Reading can be watched and called off.
 */
export async function importCalendarFile(file: File): Promise<void> {
  const nothing = 'Nothing was changed.';
  if (file.size > LARGEST) {
    store.say(`${file.name} is larger than 50 MB, more than can be read at once. ${nothing}`, 'problem');
    return;
  }
  const stop = new AbortController();
  let share = 0;
  const show = () => openSheet({ kind: 'importing', name: file.name, share, cancel: () => stop.abort() });
  let shown = false;
  const timer = setTimeout(() => {
    shown = true;
    show();
  }, SHOWN_AFTER);
  const progress = (part: number) => {
    share = part;
    if (shown && !stop.signal.aborted) show();
  };
  try {
    const read = await readCalendarFile(await file.text(), session.zone, { progress, signal: stop.signal });
    bringIn(file.name, read);
  } catch (error) {
    if (shown) closeSheet();
    if (error instanceof Cancelled) store.say(`Reading ${file.name} was called off. ${nothing}`);
    else if (error instanceof NotACalendar) store.say(`${file.name}: ${error.message} ${nothing}`, 'problem');
    else throw error;
  } finally {
    clearTimeout(timer);
  }
}

function bringIn(
  name: string,
  { calendars, problems, leftOut }: Awaited<ReturnType<typeof readCalendarFile>>,
) {
  const { workspace } = store.getState();
  const [list = firstList] = workspace.lists.values().sort((a, b) => a.rank - b.rank);
  const input = {
    imports: calendars.map((one, i) => ({ ...one, calendar: target(one, name, i) })),
    listId: list.id,
    at: session.now(),
  };
  const counts = importCounts(workspace, input);
  const holds = calendars.some(({ events, tasks }) => events.length + tasks.length > 0);
  // a file of nothing but broken lines does not empty a calendar
  if (holds || problems.length === 0) store.run(importCalendars, input);
  const tasks = calendars.some((one) => one.tasks.length > 0) ? list.name : null;
  openSheet({ kind: 'importReport', name, report: { counts, problems, leftOut, tasksTo: tasks } });
}
