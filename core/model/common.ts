import { z } from 'zod';
import { isDate } from '../time/zone';

/** Ids are made outside the core and passed in. */
export const Id = z.string().min(1);
export type Id = z.infer<typeof Id>;

/** Epoch milliseconds. */
export const Instant = z.number().int();

/** When a record was last changed, so that of two copies the later can win; missing in data older than this field. */
export const Changed = { changedAt: Instant.optional() };

/** ISO `YYYY-MM-DD`, an existing day. */
export const DateText = z.string().refine(isDate, 'is not a date (YYYY-MM-DD)');

/** Wall time, `HH:MM`. */
export const TimeText = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'is not a time (HH:MM)');

/** Whole minutes. */
export const Minutes = z.number().int().positive();

export const Hue = z.enum(['reed', 'brook', 'iris', 'berry', 'clay', 'straw', 'slate', 'fern']);
export type Hue = z.infer<typeof Hue>;
