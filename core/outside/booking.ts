import { AnswerKind, Proposal } from '../model/request';
import * as z from '../zod';

/*
 * What a browser and the server of a page to book from say to each other.
 */

/** How many stretches one page may offer. */
const MOST_SPANS = 500;

const Instant = z.int();
const Short = z.string().check(z.maxLength(200));

/** What is to be booked, as it leaves the browser: free times alone, never what lies between them. */
export const Offer = z.object({
  host: Short,
  title: Short,
  minutes: z.int().check(z.gte(5), z.lte(720)),
  zone: Short,
  /** Free stretches, epoch ms. */
  spans: z.array(z.object({ from: Instant, to: Instant })).check(z.maxLength(MOST_SPANS)),
  /** Until when it can be booked, epoch ms. */
  until: Instant,
  /** Whether it can be booked more than once. */
  many: z.boolean(),
  /** How long before a time it can be booked at the latest, in minutes. */
  notice: z.int().check(z.gte(0), z.lte(43_200)),
});
export type Offer = z.infer<typeof Offer>;

/** A time that somebody has asked for, and what became of it. */
export const Booking = z.object({
  id: Short,
  start: Instant,
  minutes: z.int(),
  name: Short,
  address: Short,
  note: z.string().check(z.maxLength(2000)),
  /** When it was made or changed last, and how often it was changed. */
  at: Instant,
  sequence: z.int(),
  state: z.enum(['asked', 'off', ...AnswerKind.options]),
  proposals: z.array(Proposal),
  word: z.string().check(z.maxLength(2000)),
});
export type Booking = z.infer<typeof Booking>;

/** An answer to a booking, as its host gives it. */
export const Answered = z.object({
  id: Short,
  kind: AnswerKind,
  proposals: z.array(Proposal).check(z.maxLength(10)),
  note: z.string().check(z.maxLength(2000)),
});
export type Answered = z.infer<typeof Answered>;
