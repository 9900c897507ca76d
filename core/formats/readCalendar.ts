import type { Exception } from '../model/event';
import type { Zone } from '../time/zone';
import { components, keptParts, linesOf, unfold, type Component, type Problem } from './contentLines';
import { sortLines } from './icalProperty';
import { readEvent, type EventReading, type FileEvent } from './readEvent';
import { readFreeBusy } from './readFreeBusy';
import { Unreadable } from './readProblem';
import { readTask, type FileTask } from './readTask';
import { zoneFinder } from './vendorZones';

export type { FileEvent, FileTask };

/** One calendar of a file. */
export type FileCalendar = {
  readonly name: string | null;
  /** A CSS colour name (RFC 7986 5.9), or null. */
  readonly color: string | null;
  /** The file tells all of the calendar; a message about single events (RFC 5546) does not. */
  readonly whole: boolean;
  readonly events: FileEvent[];
  /** Meetings that a message calls off (METHOD:CANCEL, RFC 5546 3.2.5); they are no events of the file. */
  readonly cancels: readonly Cancellation[];
  readonly tasks: FileTask[];
  readonly kept: string[];
};

/** What is called off: all of an event, one of its times (its wall start), or all from that on. */
export type Cancellation = Pick<EventReading, 'recurrence' | 'andLater'> & Pick<FileEvent, 'uid' | 'title'>;

export type CalendarFile = {
  readonly calendars: FileCalendar[];
  readonly problems: Problem[];
  /** How many events and tasks stayed out; each is named in `problems`. */
  readonly leftOut: number;
};

/** The file is not an iCalendar file at all. */
export class NotACalendar extends Error {}

const UNDERSTOOD = new Set(['VERSION', 'PRODID', 'METHOD', 'NAME', 'X-WR-CALNAME', 'COLOR']);
/** How many components are read between two reports of progress. */
const TOLD_EVERY = 50;

/**
 * Reads an iCalendar file (RFC 5545, 7986). An event or task that cannot be read is reported with its line and left
 * out; everything else comes in. Calendars of the same name, or without one, are one calendar. Throws NotACalendar
 * when there is no VCALENDAR in it. `home` is the person's zone, the first guess for zones under a file's own names;
 * `progress` hears which share (0 to 1) has been read.
 */
export const readCalendar = (text: string, home: Zone, progress?: (share: number) => void): CalendarFile =>
  readParts(components(unfold(text)), home, progress);

/** The same of what was taken apart already, but for parts that need not be read. */
export function readParts(
  { roots, problems }: ReturnType<typeof components>,
  home: Zone,
  progress: (share: number) => void = () => undefined,
  needless: ReadonlySet<Component> = new Set(),
): CalendarFile {
  const found = roots.filter(({ name }) => name === 'VCALENDAR');
  if (found.length === 0) {
    throw new NotACalendar('This is not a calendar file: it has no line “BEGIN:VCALENDAR”.');
  }
  const total = found.reduce((sum, { parts }) => sum + parts.length, 0);
  let read = 0;
  let leftOut = 0;
  const step = () => {
    read += 1;
    if (read % TOLD_EVERY === 0) progress(read / total);
  };
  const calendars = new Map<string, FileCalendar>();
  for (const root of found) {
    const calendar = readOne(root, home, problems, step, needless);
    leftOut += calendar.leftOut;
    const [first] = calendars.keys();
    const key = calendar.name ?? first ?? '';
    calendars.set(key, joined(calendars.get(key), calendar));
  }
  return {
    calendars: [...calendars.values()],
    problems: problems.sort((a, b) => a.where - b.where),
    leftOut,
  };
}

function joined(calendar: FileCalendar | undefined, other: FileCalendar): FileCalendar {
  if (!calendar) return other;
  const [first, second] = [keptParts(calendar.kept), keptParts(other.kept)];
  return {
    ...calendar,
    whole: calendar.whole && other.whole,
    events: [...calendar.events, ...other.events],
    tasks: [...calendar.tasks, ...other.tasks],
    kept: [
      ...new Set([...first.properties, ...second.properties]),
      ...first.components,
      ...second.components,
    ],
  };
}

function readOne(
  root: Component,
  home: Zone,
  problems: Problem[],
  step: () => void,
  needless: ReadonlySet<Component>,
): FileCalendar & { leftOut: number } {
  const { text, kept, broken } = sortLines(root, UNDERSTOOD);
  problems.push(...broken.map(({ problem }) => problem));
  const zones = zoneFinder(
    root.parts.filter(({ name }) => name === 'VTIMEZONE'),
    home,
  );
  // beside events it says what these say already, and is kept
  const tellsBusy = !root.parts.some(({ name }) => name === 'VEVENT' || name === 'VTODO');
  const readings: EventReading[] = [];
  const tasks = new Map<string, FileTask>();
  let leftOut = 0;
  for (const part of root.parts) {
    step();
    if (needless.has(part)) continue;
    try {
      if (part.name === 'VEVENT') readings.push(readEvent(part, zones, problems));
      else if (part.name === 'VTODO') {
        const task = readTask(part, zones, home, problems);
        tasks.set(task.uid, task);
      } else if (part.name === 'VFREEBUSY' && tellsBusy) {
        const told = readFreeBusy(part, problems);
        readings.push(
          ...told.map((event) => ({ event, recurrence: null, andLater: false, line: part.line })),
        );
      } else if (part.name !== 'VTIMEZONE') kept.push(...linesOf(part));
    } catch (error) {
      leftOut += 1;
      problems.push(error instanceof Unreadable ? error.problem : unforeseen(part, error));
    }
  }
  const method = text('METHOD').toUpperCase();
  return {
    name: text('NAME') || text('X-WR-CALNAME') || null,
    color: text('COLOR').toLowerCase() || null,
    whole: method === '' || method === 'PUBLISH',
    events: method === 'CANCEL' ? [] : joinExceptions(readings, problems),
    cancels: method === 'CANCEL' ? readings.map(cancellationOf) : [],
    tasks: [...tasks.values()],
    kept,
    leftOut,
  };
}

const cancellationOf = ({ event, recurrence, andLater }: EventReading): Cancellation => ({
  uid: event.uid,
  title: event.title,
  recurrence,
  andLater,
});

/** A component that breaks the reader in an unforeseen way is left out alone; the rest of the file comes in. */
const unforeseen = ({ name, line }: Component, error: unknown): Problem => ({
  where: line,
  what: `This ${name} cannot be read`,
  hint: `${error instanceof Error ? error.message : 'It is broken.'} It was left out.`,
});

/** Whether two events of one UID and SEQUENCE are no versions of one. */
const isAnother = (one: FileEvent, other: FileEvent): boolean =>
  one.sequence === other.sequence && (one.title !== other.title || one.start.wall !== other.start.wall);

/** One event per UID: the highest SEQUENCE counts, and changed occurrences go into the event they belong to. */
function joinExceptions(readings: readonly EventReading[], problems: Problem[]): FileEvent[] {
  const masters = new Map<string, FileEvent>();
  for (const { event, line } of readings.filter((reading) => reading.recurrence === null)) {
    const other = masters.get(event.uid);
    if (other && isAnother(other, event))
      problems.push({
        where: line,
        what: `“${event.title}” has the UID of “${other.title}”, though it is another event`,
        hint: `Only “${event.title}” came in.`,
      });
    if (!other || other.sequence <= event.sequence) masters.set(event.uid, event);
  }
  const changes = new Map<FileEvent, Map<string, Exception>>();
  for (const { event, recurrence, andLater, line } of readings) {
    if (recurrence === null) continue;
    const { uid, sequence, rule: _, without: __, also: ___, exceptions: ____, ...details } = event;
    const master = masters.get(uid);
    if (master) {
      const ofMaster = changes.get(master) ?? new Map<string, Exception>();
      ofMaster.delete(recurrence);
      changes.set(master, ofMaster.set(recurrence, { recurrence, andLater, ...details }));
      // A changed occurrence may raise SEQUENCE without its master; the event counts as changed all the same.
      master.sequence = Math.max(master.sequence, sequence);
    } else {
      masters.set(uid, event);
      problems.push({
        where: line,
        what: `“${event.title}” changes an event that is not in the file`,
        hint: 'It came in as a single event.',
      });
    }
  }
  for (const [master, ofMaster] of changes) master.exceptions = [...ofMaster.values()];
  return [...masters.values()];
}
