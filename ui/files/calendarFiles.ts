import { calendarOfSource, importCalendars, importCounts, type Import } from '@/core/commands/importing';
import { NotACalendar, type FileCalendar } from '@/core/formats/readCalendar';
import { Hue, type Id } from '@/core/model/common';
import { firstList } from '@/core/model/workspace';
import { session } from '@/state/session';
import { newId, store } from '@/state/workspaceStore';
import { Cancelled, readCalendarFile } from '@/workers/fileReader';
import { freeing } from '../tasks/freed';
import { closeSheet, openSheet } from '../sheets';
import { hueOfColour } from './colourNames';

/** A quick read is over before a sheet about it could be understood. */
const SHOWN_AFTER = 250;
const LARGEST = 50_000_000;

const sourceOf = ({ name }: FileCalendar, file: string, i: number) => (i === 0 ? file : `${file}, ${name}`);

/** The calendar that a calendar of a file goes into: the one that came from there before, the chosen one, or a new one. */
function target(one: FileCalendar, file: string, i: number, chosen: Id | null): Import {
  const { name, color, kept } = one;
  const { workspace } = store.getState();
  const source = sourceOf(one, file, i);
  const known = calendarOfSource(workspace, source);
  if (known?.source === source) return { ...one, calendar: { ...known, kept } };
  // what it holds beside this file stays
  if (known) return { ...one, calendar: known, whole: false };
  const into = chosen === null ? undefined : workspace.calendars.get(chosen);
  if (into) {
    const alsoFrom = [...(into.alsoFrom ?? []), source];
    return { ...one, calendar: { ...into, alsoFrom }, whole: false };
  }
  const next = Hue.options[(workspace.calendars.size + i) % Hue.options.length] ?? 'slate';
  const hue = (color && hueOfColour(color)) || next;
  return { ...one, calendar: { id: newId(), name: name ?? file.replace(/\.ics$/i, ''), source, hue, kept } };
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
  // word of how far it has come may arrive after the result, as it comes by another way
  let over = false;
  const progress = (part: number) => {
    const further = Math.round(part * 100) > Math.round(share * 100);
    share = part;
    if (shown && further && !over && !stop.signal.aborted) show();
  };
  try {
    const read = await readCalendarFile(await file.text(), session.zone, { progress, signal: stop.signal });
    over = true;
    if (stop.signal.aborted) throw new Cancelled('cancelled');
    clearTimeout(timer);
    whereTo(file.name, read);
  } catch (error) {
    if (shown) closeSheet();
    if (error instanceof Cancelled) store.say(`Reading ${file.name} was called off. ${nothing}`);
    else if (error instanceof NotACalendar) store.say(`${file.name}: ${error.message} ${nothing}`, 'problem');
    else throw error;
  } finally {
    clearTimeout(timer);
  }
}

type Read = Awaited<ReturnType<typeof readCalendarFile>>;

/** Asks where a file goes that was never here, if there is a choice. */
function whereTo(name: string, read: Read) {
  const { workspace } = store.getState();
  const events = read.calendars.reduce((sum, one) => sum + one.events.length, 0);
  const known = read.calendars.every((one, i) => calendarOfSource(workspace, sourceOf(one, name, i)));
  if (known || events === 0 || workspace.calendars.size === 0) return bringIn(name, read, null);
  openSheet({ kind: 'importInto', name, events, choose: (chosen) => bringIn(name, read, chosen) });
}

function bringIn(name: string, { calendars, problems, leftOut }: Read, chosen: Id | null) {
  const { workspace } = store.getState();
  const [list = firstList] = workspace.lists.values().sort((a, b) => a.rank - b.rank);
  const input = {
    imports: calendars.map((one, i) => target(one, name, i, chosen)),
    listId: list.id,
    at: session.now(),
  };
  const counts = importCounts(workspace, input);
  const holds = calendars.some(({ events, tasks }) => events.length + tasks.length > 0);
  // a file of nothing but broken lines does not empty a calendar
  const taken = holds || problems.length === 0;
  const freed = taken ? freeing(() => store.run(importCalendars, input)) : [];
  const tasks = calendars.some((one) => one.tasks.length > 0) ? list.name : null;
  openSheet({ kind: 'importReport', name, report: { counts, problems, leftOut, freed, tasksTo: tasks } });
}
