import { SCHEMA_VERSION } from './workspace';

/** What a version of the program stored of one collection (or of the settings), on its way to the next version. */
type Migration = (collection: string, content: unknown) => unknown;

type Fields = Record<string, unknown>;
const fieldsOf = (record: unknown): Fields => ({ ...(record as object) }); // of a list that was stored as records

const inEach = (content: unknown, change: (record: Fields) => Fields): unknown =>
  Array.isArray(content) ? content.map((record) => change(fieldsOf(record))) : content;

/** Version 2 keeps what calendar files say beyond title, place and hours. */
const details = { notes: '', categories: [], color: null, calls: [], attendees: [], reminders: [], kept: [] };
const toVersion2: Migration = (collection, content) => {
  if (collection === 'calendars') return inEach(content, (calendar) => ({ kept: [], ...calendar }));
  if (collection !== 'events') return content;
  return inEach(content, (event) => ({
    ...details,
    ...event,
    also: Array.isArray(event.also) ? event.also.map((wall: unknown) => ({ wall, length: null })) : [],
    exceptions: inEach(event.exceptions, (one) => ({ ...details, andLater: false, ...one })),
  }));
};

/** From the version that is its index + 1 to the next. */
const migrations: readonly Migration[] = [toVersion2];

/** Data of a later version than this program knows. */
export class FromTheFuture extends Error {}

/**
 * Brings what was stored of a collection up to the present schema version. Throws FromTheFuture for data of a later
 * version. What does not have the shape of its version comes out in no good shape either: the caller validates.
 */
export function migrate(collection: string, version: number, content: unknown): unknown {
  if (version > SCHEMA_VERSION) {
    throw new FromTheFuture(`This data was saved by a later version of Sprindle (data version ${version}).`);
  }
  return migrations.slice(version - 1).reduce((moved, step) => step(collection, moved), content);
}
