import * as z from '../zod';

/**
 * How much of anything is taken in: what a person may well have, many times over, and nothing that could make drawing
 * throw or crawl. Longer texts and lists are shortened, longer times too; what cannot be shortened is left out. See docs/formats.md.
 */
export const bounds = {
  /** Titles, names and categories, in UTF-16 code units, as all texts. */
  title: 1000,
  place: 2000,
  notes: 100_000,
  /** A name that a file gives to an event or a task (UID, RFC 5545 3.8.4.7; RFC 7986 5.3 asks for 255 octets at most). */
  uid: 1000,
  /** An id, which may hold a UID and those of what it lies in. */
  id: 3000,
  /** A message as it came. */
  html: 500_000,
  /** An RRULE. */
  rule: 5000,
  /** A content line of a calendar file. */
  line: 200_000,
  /** Lines that are kept of an event, task or calendar. */
  keptLines: 5000,
  /** People asked to an event. */
  attendees: 2000,
  /** Zones of a frame. */
  zones: 500,
  /** Reminders, ways to join, categories of an event. */
  few: 100,
  /** How many reminders one thing has of one's own choosing, and how long before it (minutes): 28 days. */
  leads: 5,
  leadMinutes: 40_320,
  /** Steps of a task. */
  steps: 500,
  /** Times added to what a rule gives, taken out of it, or changed. */
  times: 20_000,
  /** An event, in days: ten years. */
  eventDays: 3660,
  /** A block or a time entry, in minutes: 31 days. */
  blockMinutes: 44_640,
  /** An estimate, in minutes: 1,000 hours. */
  estimateMinutes: 60_000,
  /** What is worked on in one go, in minutes. */
  sittingMinutes: 720,
  /** Instants, epoch ms: the years 1900 to 2200. */
  earliest: Date.UTC(1900, 0, 1),
  latest: Date.UTC(2201, 0, 1) - 1,
} as const;

/** Text of at most so many code units; no character is cut in two. */
export const shortened = (text: string, most: number): string =>
  text.length <= most ? text : text.slice(0, most).replace(/[\uD800-\uDBFF]$/, '');

/** Text that is shortened to fit. */
export const textUpTo = (most: number) =>
  z.string().check(
    z.overwrite((text) => shortened(text, most)),
    z.maxLength(most),
  );

/** A title or a name: some text, shortened to fit. */
export const Title = z.string().check(
  z.minLength(1),
  z.overwrite((text) => shortened(text, bounds.title)),
  z.maxLength(bounds.title),
);

/** A list of which no more than so many are taken. */
export const listUpTo = <T extends z.ZodMiniType>(item: T, most: number) =>
  z.array(item).check(
    z.overwrite((list) => (list.length > most ? list.slice(0, most) : list)),
    z.maxLength(most),
  );

/** Whole minutes, no more than so many. */
export const minutesUpTo = (most: number) =>
  z.int().check(
    z.positive(),
    z.overwrite((minutes) => Math.min(minutes, most)),
    z.lte(most),
  );
