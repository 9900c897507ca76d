import { bounds, listUpTo, textUpTo } from '../model/bounds';
import { Id, Instant } from '../model/common';
import { MINUTE } from '../time/span';
import * as z from '../zod';
import { refusals } from './refusal';

/** What is wrong with a feed, as far as it can be told. */
const why = [
  ...refusals,
  'offline',
  'signIn',
  'missing',
  'gone',
  'busy',
  'broken',
  'noCalendar',
  'noAccount',
  'noMailbox',
  'empty',
  'lost',
] as const;

export const Trouble = z.object({
  why: z.enum(why),
  /** What HTTP calls it, or null. */
  status: z.nullable(z.int()),
  /** Since when nothing good has come of asking, epoch ms. */
  since: Instant,
  /** How many times it was asked in vain. */
  tries: z.int(),
  /** When it is asked again (epoch ms), or null for not before the person wants it. */
  again: z.nullable(Instant),
});
export type Trouble = z.infer<typeof Trouble>;

/** What is known of asking for a calendar. */
export const standing = {
  /** How often it is asked, in minutes, as the person wants it; null for as often as it says itself. */
  every: z.nullable(z.int()),
  /** How often it says that it changes (RFC 7986 5.7), in minutes. */
  says: z.nullable(z.int()),
  /** When it was asked last, and when it last answered well, epoch ms. */
  askedAt: z.nullable(Instant),
  heardAt: z.nullable(Instant),
  trouble: z.nullable(Trouble),
};

/** A calendar that is asked for at an address. A thing of this device; its address may be a secret. */
export const Feed = z.object({
  calendarId: Id,
  address: textUpTo(bounds.place),
  /** What marks the version that was read last (RFC 9110 8.8). */
  etag: z.nullable(textUpTo(bounds.place)),
  modified: z.nullable(textUpTo(bounds.place)),
  ...standing,
});
export type Feed = z.infer<typeof Feed>;
export type Standing = Pick<Feed, keyof typeof standing>;
export const Feeds = listUpTo(Feed, bounds.few);

/** What stands as the source of a calendar that is asked for; its address is no part of what goes out. */
export const SOURCE = 'outside';

export const notAsked: Standing = { every: null, says: null, askedAt: null, heardAt: null, trouble: null };

/** An address that has not been asked yet. */
export const newFeed = (calendarId: Id, address: string): Feed => ({
  ...notAsked,
  ...{ calendarId, address, etag: null, modified: null },
});

/** How often a feed that says nothing of it is asked, and the bounds of what it may say, in minutes. */
const USUAL = 60;
const LEAST = 5;
const MOST = 7 * 1440;
/** Whoever comes back after so many minutes gets what is new. */
const ON_RETURN = 2;
/** The longest that a feed in trouble is left alone, in minutes. */
const LONGEST_WAIT = 12 * 60;

/** How often a feed is asked, in minutes. */
export const intervalOf = ({ every, says }: Pick<Standing, 'every' | 'says'>): number =>
  every ?? Math.min(MOST, Math.max(LEAST, says ?? USUAL));

/** Whether a calendar is to be asked now (epoch ms); `returning` when the person has just come back to the page. */
export function isDue(feed: Standing, now: number, returning = false): boolean {
  const { trouble, askedAt } = feed;
  if (trouble)
    return trouble.again !== null && (trouble.again <= now || (returning && trouble.why === 'offline'));
  const minutes = returning ? Math.min(ON_RETURN, intervalOf(feed)) : intervalOf(feed);
  // a clock that was set back does not silence it
  return askedAt === null || askedAt > now || now - askedAt >= minutes * MINUTE;
}

/** What came of asking: an answer with its status, or none. `retryAfter` in ms (RFC 9110 10.2.3), if it was said. */
export type Outcome =
  | { readonly kind: 'answered'; readonly status: number; readonly retryAfter: number | null }
  | { readonly kind: 'refused'; readonly why: Trouble['why'] };

const ofStatus = (status: number): Trouble['why'] => {
  if (status === 401 || status === 403) return 'signIn';
  if (status === 404) return 'missing';
  if (status === 410) return 'gone';
  return status === 429 || status === 503 ? 'busy' : 'broken';
};

/** What does not mend itself: it is not asked again unless the person wants it. */
const needsPerson: readonly Trouble['why'][] = ['address', 'private', 'signIn', 'gone', 'empty', 'lost'];

/** What is wrong, by what came of asking. */
export const reasonOf = (outcome: Outcome): Pick<Trouble, 'why' | 'status'> =>
  outcome.kind === 'refused'
    ? { why: outcome.why, status: null }
    : { why: ofStatus(outcome.status), status: outcome.status };

/** A calendar after asking for it in vain: what it had stays, and it is left alone for longer each time. */
export function inVain<S extends Standing>(feed: S, outcome: Outcome, now: number): S {
  const tries = (feed.trouble?.tries ?? 0) + 1;
  const reason = reasonOf(outcome);
  const asked = outcome.kind === 'answered' ? (outcome.retryAfter ?? 0) : 0;
  const wait = Math.min(LONGEST_WAIT, LEAST * 2 ** Math.min(20, tries - 1)) * MINUTE;
  // what it asks for itself is kept to within a day, as its clock may be wrong
  const again = now + Math.max(wait, Math.min(asked, 1440 * MINUTE));
  return {
    ...feed,
    askedAt: now,
    trouble: {
      ...reason,
      since: feed.trouble?.since ?? now,
      tries,
      again: needsPerson.includes(reason.why) ? null : again,
    },
  };
}

/** A calendar after it answered well, with nothing that is new. */
export const unchanged = <S extends Standing>(feed: S, now: number): S => ({
  ...feed,
  askedAt: now,
  heardAt: now,
  trouble: null,
});

/** The same of a feed: one that does not know its own version any more (412) is asked for the whole. */
export const feedInVain = (feed: Feed, outcome: Outcome, now: number): Feed => ({
  ...inVain(feed, outcome, now),
  ...(outcome.kind === 'answered' && outcome.status === 412 ? { etag: null, modified: null } : {}),
});

/** The feed after a version of it was read. */
export const wasRead = (
  feed: Feed,
  version: Pick<Feed, 'etag' | 'modified' | 'says' | 'address'>,
  now: number,
): Feed => ({ ...unchanged(feed, now), ...version });

/** How long `Retry-After` asks to wait, in ms: seconds or a date (RFC 9110 10.2.3), by the clock of the server where it tells it. */
export function retryAfterOf(value: string | null, date: string | null, now: number): number | null {
  if (value === null) return null;
  if (/^\d{1,9}$/.test(value.trim())) return Number(value) * 1000;
  const [until, told] = [Date.parse(value), Date.parse(date ?? '')];
  if (!/[a-z]{3}/i.test(value) || Number.isNaN(until)) return null;
  return Math.max(0, until - (Number.isNaN(told) ? now : told));
}

/** An address as people have it, made one that can be asked; null when it is none. `webcal:` is a name for the same. */
export function feedAddress(typed: string): string | null {
  const text = typed.trim().replace(/^webcals?:\/\//i, 'https://');
  const address = /^[a-z][a-z0-9+.-]*:\/\//i.test(text) ? text : `https://${text}`;
  if (text === '' || /\s/.test(text) || address.length > bounds.place || !URL.canParse(address)) return null;
  const { protocol, username, password, hostname, href } = new URL(address);
  const isWeb = /^https?:$/.test(protocol) && username === '' && password === '';
  return isWeb && (hostname.includes('.') || hostname.includes(':') || hostname === 'localhost')
    ? href
    : null;
}

/** The host of an address: what of it may be shown, as the rest may be a secret. */
export const hostOf = (address: string): string => new URL(address).host;
