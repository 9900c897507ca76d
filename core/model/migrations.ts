import * as z from '../zod';
import { isCollection, records } from './records';

/** What was stored of one collection (or of the settings), on its way to the next version of its shape. */
type Migration = (content: unknown) => unknown;

type Fields = Record<string, unknown>;
const fieldsOf = (record: unknown): Fields => ({ ...(record as object) }); // of a list that was stored as records

const inEach = (content: unknown, change: (record: Fields) => Fields): unknown =>
  Array.isArray(content) ? content.map((record) => change(fieldsOf(record))) : content;

/** Version 2 keeps what calendar files say beyond title, place and hours. */
const details = { notes: '', categories: [], color: null, calls: [], attendees: [], reminders: [], kept: [] };
const fullEvents: Migration = (content) =>
  inEach(content, (event) => ({
    ...details,
    ...event,
    also: Array.isArray(event.also) ? event.also.map((wall: unknown) => ({ wall, length: null })) : [],
    exceptions: inEach(event.exceptions, (exception) => ({ ...details, andLater: false, ...exception })),
  }));

/** Version 3 tells origins of several kinds apart. */
const originsOfAKind: Migration = (content) =>
  inEach(content, (task) => {
    if (!task.origin) return task;
    const { told: lastRead, ...origin } = fieldsOf(task.origin);
    return { ...task, origin: { kind: 'calendarFile', ...origin, lastRead } };
  });

/** By collection, and by the version that they start from; where none is named nothing has changed. */
const migrations: Readonly<Record<string, Readonly<Record<number, Migration>>>> = {
  calendars: { 1: (content) => inEach(content, (calendar) => ({ kept: [], ...calendar })) },
  events: { 1: fullEvents },
  tasks: { 2: originsOfAKind },
};

/** The version of the shape of the settings. From 3 on working hours are zones of a frame (firstFrame.ts takes them up). */
export const SETTINGS_VERSION = 3;

/** Something stored with the version of its shape. */
export const Versioned = z.object({ version: z.int().check(z.positive()), content: z.unknown() });

/** The version in which a collection, or the settings, is written now. */
export const versionOf = (collection: string): number =>
  isCollection(collection) ? records[collection].version : SETTINGS_VERSION;

/** Data of a later version than this program knows. */
export class FromTheFuture extends Error {}

/**
 * Brings what was stored of a collection up to its present version. Throws FromTheFuture for data of a later version.
 * What does not have the shape of its version comes out in no good shape either: the caller validates.
 */
export function migrate(collection: string, version: number, content: unknown): unknown {
  const present = versionOf(collection);
  if (version > present) {
    throw new FromTheFuture(`This data was saved by a later version of Sprindle (data version ${version}).`);
  }
  return Array.from({ length: present - version }, (_, i) => migrations[collection]?.[version + i]).reduce(
    (moved, step) => step?.(moved) ?? moved,
    content,
  );
}
