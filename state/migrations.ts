import { SCHEMA_VERSION } from '@/core/model/workspace';

/** Brings the content of one partition from the version that is its index + 1 to the next. None are needed yet. */
const migrations: ((partition: string, content: unknown) => unknown)[] = [];

/** Stored data of a later version than this program knows. */
export class FromTheFuture extends Error {}

/** Brings stored content up to the present schema version. Throws FromTheFuture for data of a later version. */
export function migrate(partition: string, version: number, content: unknown): unknown {
  if (version > SCHEMA_VERSION) {
    throw new FromTheFuture(`This data was saved by a later version of Sprindle (data version ${version}).`);
  }
  return migrations.slice(version - 1).reduce((moved, step) => step(partition, moved), content);
}
