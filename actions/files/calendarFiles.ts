import { usualList } from '@/core/tasks/lists';
import { cancelMeetings, knownCancellations } from '@/core/commands/cancelling';
import {
  calendarOfSource,
  importCalendars,
  importCounts,
  type Import,
  type ImportCounts,
} from '@/core/commands/importing';
import type { Problem } from '@/core/formats/contentLines';
import { weeksWithLate } from '@/core/plan/late';
import type { Span } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import type { CalendarFile, Cancellation, FileCalendar } from '@/core/formats/readCalendar';
import type { Id } from '@/core/model/common';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { readCalendarFile } from '@/workers/fileReader';
import { freeing } from '../freed';
import { offeringFreed } from '../offeringFreed';
import { ask, openPanel } from '@/ui/panels';
import { hueFor } from './colourNames';
import { isTooLarge, watched } from './reading';

const LARGEST = 50_000_000;

const sourceOf = ({ name }: FileCalendar, file: string, i: number) => (i === 0 ? file : `${file}, ${name}`);

/** The calendar that a calendar of a file goes into: the one that came from there before, the chosen one, or a new one. */
function target(part: FileCalendar, file: string, i: number, chosen: Id | null): Import {
  const { name, color, kept } = part;
  const workspace = currentWorkspace();
  const source = sourceOf(part, file, i);
  const known = calendarOfSource(workspace, source);
  if (known?.source === source) return { ...part, calendar: { ...known, kept } };
  // what it holds beside this file stays
  if (known) return { ...part, calendar: known, whole: false };
  const into = chosen === null ? undefined : workspace.calendars.get(chosen);
  if (into) {
    const alsoFrom = [...(into.alsoFrom ?? []), source];
    return { ...part, calendar: { ...into, alsoFrom }, whole: false };
  }
  const hue = hueFor(color, workspace.calendars.size + i);
  return { ...part, calendar: { id: newId(), name: name ?? file.replace(/\.ics$/i, ''), source, hue, kept } };
}

/**
 * Brings a calendar file in and reports what came of it. A file is known again by its name; what cannot be read is
 * listed by line, and a file that is no calendar changes nothing. Reading can be watched and called off.
 */
export async function importCalendarFile(file: File): Promise<void> {
  if (isTooLarge(file, LARGEST, 'can be read at once')) return;
  const text = await file.text();
  const read = await watched(file, (options) => readCalendarFile(text, here().zone, options));
  if (read) await bringIn(file.name, read);
}

/** What came of an import. */
export type ImportResult = {
  readonly counts: ImportCounts;
  readonly problems: readonly Problem[];
  /** Events and tasks that stayed out. */
  readonly leftOut: number;
  /** The pockets that have become free by it. */
  readonly freed: readonly Span[];
  /** The list that the file's tasks went to, if it has any. */
  readonly tasksTo: string | null;
  /** The sealed weeks into which meetings have come. */
  readonly late: readonly { readonly week: string; readonly count: number }[];
};

/** Takes out of the calendars what a message calls off, and offers what fits into the time that has become free. */
function callOff(cancels: readonly Cancellation[]): void {
  const known = knownCancellations(currentWorkspace(), cancels);
  const titles = [...new Set((known.length > 0 ? known : cancels).map(({ title }) => title))].join(', ');
  if (known.length === 0)
    return store.say(`${titles}: cancelled, and in none of your calendars. Nothing was changed.`);
  offeringFreed(() => store.run(cancelMeetings, { cancels: known }, `Cancelled: ${titles}`));
}

const holdsAnything = ({ calendars }: Pick<CalendarFile, 'calendars'>): boolean =>
  calendars.some(({ events, tasks }) => events.length + tasks.length > 0);

/** Brings in what was read, into the calendar that is chosen for it if there is a choice, and shows what came of it. */
async function bringIn(name: string, read: CalendarFile): Promise<void> {
  const cancels = read.calendars.flatMap((part) => part.cancels);
  if (cancels.length > 0) {
    callOff(cancels);
    if (!holdsAnything(read)) return;
  }
  const chosen = await calendarFor(name, read);
  if (chosen === undefined) return;
  const report = imported(name, read, chosen);
  const step = store.getState().past.at(-1);
  const answer = await ask({ kind: 'importReport', name, report });
  if (answer === 'undo') store.undo(step);
  const [first] = report.late;
  if (answer === 'late' && first) openPanel({ kind: 'seal', week: first.week });
  if (answer === 'fill') openPanel({ kind: 'freed', freed: report.freed });
}

/** The calendar that a file goes into; null for where it belongs by itself, undefined to leave it. */
async function calendarFor(name: string, read: CalendarFile): Promise<Id | null | undefined> {
  const workspace = currentWorkspace();
  const events = read.calendars.reduce((sum, part) => sum + part.events.length, 0);
  const known = read.calendars.every((part, i) => calendarOfSource(workspace, sourceOf(part, name, i)));
  if (known || events === 0 || workspace.calendars.size === 0) return null;
  return ask({ kind: 'importInto', name, events });
}

function imported(
  name: string,
  { calendars, problems, leftOut }: CalendarFile,
  chosen: Id | null,
): ImportResult {
  const workspace = currentWorkspace();
  const list = usualList(workspace);
  const input = {
    imports: calendars.map((part, i) => target(part, name, i, chosen)),
    listId: list.id,
    at: here().now,
  };
  const counts = importCounts(workspace, input);
  // a file of nothing but broken lines does not empty a calendar
  const taken = holdsAnything({ calendars }) || problems.length === 0;
  const freed = taken ? freeing(() => store.run(importCalendars, input)) : [];
  if (taken) void store.noteImport(name);
  const tasks = calendars.some((part) => part.tasks.length > 0) ? list.name : null;
  const { zone, now } = here();
  const late = taken ? weeksWithLate(workspace, currentWorkspace(), zone, dateOf(now, zone)) : [];
  return { counts, problems, leftOut, freed, tasksTo: tasks, late };
}
