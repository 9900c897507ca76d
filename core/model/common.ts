import * as z from '../zod';
import { isDate, isWall, isZone } from '../time/zone';
import { bounds } from './bounds';

/** Ids are made outside the core and passed in. */
export const Id = z.string().check(z.minLength(1), z.maxLength(bounds.id));
export type Id = z.infer<typeof Id>;

/**
 * An object whose fields that this build does not know survive it: they are read and written again as they came. Its
 * type names the known ones only.
 */
export const openObject = <S extends z.$ZodShape>(shape: S) =>
  z.looseObject(shape) as unknown as z.ZodMiniObject<S>; // the index signature for unknown fields would hide misspelt ones

/** Epoch milliseconds, within the years 1900 to 2200. */
export const Instant = z.int().check(z.gte(bounds.earliest), z.lte(bounds.latest));

/** When a record was last changed, so that of two copies the later can win; missing in data older than this field. */
export const Changed = { changedAt: z.optional(Instant) };

/** ISO `YYYY-MM-DD`, an existing day. */
export const DateText = z.string().check(z.refine(isDate, 'is not a date (YYYY-MM-DD)'));

/** ISO wall time, `2026-11-24T09:00:00`, or a bare date. */
export const WallText = z.string().check(z.refine(isWall, 'is not a day or an hour of one'));

/** An IANA zone that the runtime knows. */
export const ZoneName = z.string().check(z.refine(isZone, 'is not a known time zone'));

/** Wall time, `HH:MM`. */
export const TimeText = z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'is not a time (HH:MM)'));

/** Weekdays, 1 is Monday. */
export const Weekdays = z.array(z.int().check(z.gte(1), z.lte(7)));

export const Hue = z.enum(['reed', 'brook', 'iris', 'berry', 'clay', 'straw', 'slate', 'fern']);
export type Hue = z.infer<typeof Hue>;

/** What a schema found wrong first: the field and why. */
export const issueWords = ({ issues: [issue] }: z.$ZodError) =>
  issue ? [issue.path.join('.'), issue.message].filter((word) => word !== '').join(': ') : 'cannot be read';
