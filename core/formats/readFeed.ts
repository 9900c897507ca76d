import type { CalendarEvent } from '../model/event';
import { isZone, type Zone } from '../time/zone';
import { components, linesOf, unfold, type Component, type Problem } from './contentLines';
import { lengthOfText } from './icalProperty';
import { markOf } from './mark';
import { readParts, type FileEvent, type FileTask } from './readCalendar';

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
  /** Where it says that its times belong, if there is such a zone. */
  readonly zone: Zone | null;
  readonly problems: readonly Problem[];
};

/** The SEQUENCE that was read of an event last; changes that are made here raise its own. */
export const sequenceRead = (stored: Pick<CalendarEvent, 'readAs'> | undefined): number =>
  Number(stored?.readAs?.split('.')[0] ?? 0);

const ZONE = /^X-WR-TIMEZONE[^:]*:(.*)$/i;

const zoneSaid = (kept: readonly string[]): Zone | null => {
  const said = kept.map((text) => ZONE.exec(text)?.[1]?.trim()).find((text) => text !== undefined);
  return said !== undefined && isZone(said) ? said : null;
};

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

/** Rises when events come to be read otherwise, so that all of them are read once more. */
const READING = '1';

/** When it was written, which a calendar may say anew each time, is no part of what it says. */
const STAMP = /^DTSTAMP[;:]/i;
const UID = /^UID(?:;[^:]*)?:(.*)$/i;

const uidOf = ({ lines }: Component): string => {
  const line = lines.find(({ text }) => UID.test(text));
  return (line && UID.exec(line.text)?.[1]) ?? '';
};

/** The events of a calendar as they stand in it, by UID: their parts, and the mark of their text and of the zones that it may name. */
function asTheyStand(root: Component): Map<string, { parts: Component[]; mark: string }> {
  const zones = root.parts.filter(({ name }) => name === 'VTIMEZONE').flatMap(linesOf);
  const zonesMark = markOf([READING, ...zones].join('\n'));
  const parts = new Map<string, Component[]>();
  for (const part of root.parts) {
    if (part.name !== 'VEVENT') continue;
    const uid = uidOf(part);
    const known = parts.get(uid);
    if (known) known.push(part);
    else parts.set(uid, [part]);
  }
  return new Map(
    [...parts].map(([uid, of]) => {
      const lines = of.flatMap(linesOf).filter((line) => !STAMP.test(line));
      return [uid, { parts: of, mark: markOf([zonesMark, ...lines].join('\n')) }];
    }),
  );
}

/**
 * Reads what a subscribed calendar says (RFC 5545) and compares it with what it said before: `known` has the mark of each UID.
 * An event that stands there as it did is not read again. All calendars in it are one. An event that cannot be read counts as
 * still there. Throws NotACalendar.
 */
export function readFeed(
  text: string,
  home: Zone,
  known: ReadonlyMap<string, string>,
  progress?: (share: number) => void,
): FeedReading {
  const parts = components(unfold(text));
  const standing = new Map(parts.roots.flatMap((root) => [...asTheyStand(root)]));
  const asBefore = [...standing].filter(([uid, { mark }]) => known.get(uid)?.endsWith(`.${mark}`));
  const needless = new Set(asBefore.flatMap(([, event]) => event.parts));
  const { calendars, problems, leftOut } = readParts(parts, home, progress, needless);
  const [first] = calendars;
  const told = calendars
    .flatMap(({ events }) => events)
    .map((event): FedEvent => ({
      ...event,
      readAs: `${event.sequence}.${standing.get(event.uid)?.mark ?? markOf(JSON.stringify(event))}`,
    }));
  const uids = new Set([...told, ...asBefore.map(([uid]) => ({ uid }))].map(({ uid }) => uid));
  return {
    name: first?.name ?? null,
    color: first?.color ?? null,
    kept: first?.kept ?? [],
    events: told.filter(({ uid, readAs }) => known.get(uid) !== readAs),
    // what could not be read may be one of those that seem to be gone
    gone: leftOut > 0 ? [] : [...known.keys()].filter((uid) => !uids.has(uid)),
    tasks: calendars.flatMap(({ tasks }) => tasks),
    size: uids.size,
    says: minutesSaid(first?.kept ?? []),
    zone: zoneSaid(first?.kept ?? []),
    problems,
  };
}
