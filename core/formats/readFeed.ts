import type { CalendarEvent } from '../model/event';
import type { Zone } from '../time/zone';
import type { Problem } from './contentLines';
import { lengthOfText } from './icalProperty';
import { markOf } from './mark';
import { readCalendar, type FileEvent, type FileTask } from './readCalendar';

/** An event of a subscribed calendar, with the mark of what it says. */
export type FedEvent = FileEvent & { readonly readAs: string };

/** What a subscribed calendar says now, beside what it is known to have said. */
export type FeedReading = {
  readonly name: string | null;
  readonly color: string | null;
  readonly kept: readonly string[];
  /** The events that it tells for the first time, or otherwise than it did. */
  readonly events: readonly FedEvent[];
  /** The UIDs that it does not tell any more. */
  readonly gone: readonly string[];
  readonly tasks: readonly FileTask[];
  /** How many events it has in all. */
  readonly size: number;
  /** How often it says that it changes, in minutes (RFC 7986 5.7), if it does. */
  readonly says: number | null;
  readonly problems: readonly Problem[];
};

/** The SEQUENCE that was read of an event last; changes that are made here raise its own. */
export const sequenceRead = (stored: Pick<CalendarEvent, 'readAs'> | undefined): number =>
  Number(stored?.readAs?.split('.')[0] ?? 0);

const SAYS = /^REFRESH-INTERVAL[^:]*:(.*)$/i;

function minutesSaid(kept: readonly string[]): number | null {
  const line = kept.map((text) => SAYS.exec(text)?.[1]).find((text) => text !== undefined);
  if (line === undefined) return null;
  try {
    const { days, seconds } = lengthOfText(line.trim());
    return days * 1440 + Math.round(seconds / 60);
  } catch {
    return null;
  }
}

/**
 * Reads what a subscribed calendar says (RFC 5545) and compares it with what it said before: `known` has the mark of each UID.
 * All calendars in it are one. An event that cannot be read counts as still there. Throws NotACalendar.
 */
export function readFeed(
  text: string,
  home: Zone,
  known: ReadonlyMap<string, string>,
  progress?: (share: number) => void,
): FeedReading {
  const { calendars, problems, leftOut } = readCalendar(text, home, progress);
  const [first] = calendars;
  const told = calendars
    .flatMap(({ events }) => events)
    .map((event): FedEvent => ({
      ...event,
      readAs: `${event.sequence}.${markOf(JSON.stringify(event))}`,
    }));
  const uids = new Set(told.map(({ uid }) => uid));
  return {
    name: first?.name ?? null,
    color: first?.color ?? null,
    kept: first?.kept ?? [],
    events: told.filter(({ uid, readAs }) => known.get(uid) !== readAs),
    // what could not be read may be one of those that seem to be gone
    gone: leftOut > 0 ? [] : [...known.keys()].filter((uid) => !uids.has(uid)),
    tasks: calendars.flatMap(({ tasks }) => tasks),
    size: told.length,
    says: minutesSaid(first?.kept ?? []),
    problems,
  };
}
