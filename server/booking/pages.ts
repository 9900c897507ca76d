import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import { Booking, Offer, type Answered } from '../../core/outside/booking';
import { MINUTE, overlaps, spanFrom, subtract } from '../../core/time/span';
import * as z from '../../core/zod';

/** How many pages there are at most, so that nobody fills the disk with them. */
const MOST_PAGES = 1000;
/** How many bookings that nobody has answered one page may hold. */
const MOST_OPEN = 50;
/** How many somebody may have open at once on a page, told by their address. */
const MOST_OF_ONE = 3;
/** Times begin at each half hour, or more often for what is shorter. */
const STEP = 30;
const QUARTER = 15 * MINUTE;

const Short = z.string().check(z.maxLength(200));

export const Page = z.object({ token: Short, key: Short, offer: Offer, bookings: z.array(Booking) });
export type Page = z.infer<typeof Page>;

/** What a visitor says of themselves, without spaces around it. */
export const Visitor = z.object({
  start: z.int(),
  name: Short.check(z.minLength(1)),
  address: Short.check(z.regex(/^[^\s<>@,;:"]+@[^\s<>@,;:"]+$/)),
  note: z.string().check(z.maxLength(2000)),
});
export type Visitor = z.infer<typeof Visitor>;

export type Outcome =
  { readonly kind: 'booked'; readonly booking: Booking } | { readonly kind: 'taken' | 'closed' | 'tooMany' };

const isOpen = ({ state }: Booking) => state !== 'no' && state !== 'off';
const hashOf = (key: string): string => createHash('sha256').update(key).digest('base64url');

/** Whether a key is the one that a page was made with; takes as long for any key. */
const isKey = (page: Page, key: string): boolean =>
  timingSafeEqual(Buffer.from(hashOf(key)), Buffer.from(page.key.padEnd(43).slice(0, 43)));

/** The starts of a page that can be booked at an instant, in order. */
export function startsOf({ offer, bookings }: Page, now: number): number[] {
  const taken = bookings.filter(isOpen);
  if (!offer.many && taken.length > 0) return [];
  const free = subtract(offer.spans, taken.map(spanFrom));
  const step = Math.min(STEP, offer.minutes) * MINUTE;
  const earliest = now + offer.notice * MINUTE;
  return free.flatMap(({ from, to }) => {
    const starts: number[] = [];
    const end = Math.min(to, offer.until);
    for (
      let start = Math.ceil(from / QUARTER) * QUARTER;
      start + offer.minutes * MINUTE <= end;
      start += step
    )
      if (start >= earliest) starts.push(start);
    return starts;
  });
}

/** The pages to book from; `keep` puts them where they outlast the server, before an answer is given. */
export function bookingPages(
  now: () => number,
  known: readonly Page[] = [],
  keep: (pages: readonly Page[]) => void = () => undefined,
) {
  const pages = new Map(known.map((page) => [page.token, page]));
  const put = (page: Page): Page => {
    pages.set(page.token, page);
    keep([...pages.values()]);
    return page;
  };
  const change = (page: Page, booking: Booking): Booking => {
    const others = page.bookings.filter(({ id }) => id !== booking.id);
    put({ ...page, bookings: [...others, booking] });
    return booking;
  };
  const find = (page: Page, id: string) => page.bookings.find((booking) => booking.id === id);
  /** As it is at this moment: who asks may have waited since they looked. */
  const fresh = (page: Page): Page =>
    pages.get(page.token) ?? { ...page, offer: { ...page.offer, until: 0 } };
  const owned = (token: string, key: string): Page | undefined => {
    const page = pages.get(token);
    return page && isKey(page, key) ? page : undefined;
  };
  return {
    get: (token: string) => pages.get(token),
    find,
    owned,
    /** Offers times, at an address that is new or one's own; false where it is somebody else's. */
    offer(token: string, key: string, offer: Offer): boolean {
      const before = pages.get(token);
      if (before ? !isKey(before, key) : pages.size >= MOST_PAGES) return false;
      put({ token, key: hashOf(key), offer, bookings: before?.bookings ?? [] });
      return true;
    },
    remove(token: string, key: string): boolean {
      if (!owned(token, key)) return false;
      pages.delete(token);
      keep([...pages.values()]);
      return true;
    },
    /** Books a time, if it is still free at this moment: of two who come at once, one gets it. */
    book(seen: Page, { start, name, address, note }: Visitor): Outcome {
      const page = fresh(seen);
      const open = page.bookings.filter(isOpen);
      if (now() >= page.offer.until || (!page.offer.many && open.length > 0)) return { kind: 'closed' };
      const own = open.filter((one) => one.address.toLowerCase() === address.toLowerCase());
      const unanswered = open.filter(({ state }) => state === 'asked');
      if (own.length >= MOST_OF_ONE || unanswered.length >= MOST_OPEN) return { kind: 'tooMany' };
      if (!startsOf(page, now()).includes(start)) return { kind: 'taken' };
      const { minutes } = page.offer;
      const booking: Booking = {
        ...{ id: randomBytes(16).toString('base64url'), start, minutes, name, address, note },
        ...{ at: now(), sequence: 0, state: 'asked', proposals: [], word: '' },
      };
      return { kind: 'booked', booking: change(page, booking) };
    },
    /** Takes a time that the host has proposed instead. */
    take(seen: Page, id: string, start: number): Outcome {
      const page = fresh(seen);
      const before = find(page, id);
      const proposal = before?.proposals.find((one) => one.start === start);
      if (before?.state !== 'other' || !proposal) return { kind: 'closed' };
      const others = page.bookings.filter((one) => one.id !== id && isOpen(one));
      const isTaken = others.some((one) => overlaps(spanFrom(one), spanFrom(proposal)));
      if (isTaken) return { kind: 'taken' };
      const next = {
        ...before,
        ...proposal,
        at: now(),
        sequence: before.sequence + 1,
        state: 'asked' as const,
        proposals: [],
      };
      return { kind: 'booked', booking: change(page, next) };
    },
    /** Calls a booking off. */
    callOff(seen: Page, id: string): void {
      const page = fresh(seen);
      const before = find(page, id);
      if (before && before.state !== 'off')
        change(page, { ...before, at: now(), sequence: before.sequence + 1, state: 'off', proposals: [] });
    },
    /** Answers a booking; false where it is gone, or was called off. */
    answer(seen: Page, { id, kind, proposals, note }: Answered): boolean {
      const page = fresh(seen);
      const before = find(page, id);
      if (!before || before.state === 'off') return false;
      change(page, { ...before, state: kind, proposals, word: note });
      return true;
    },
  };
}

export type BookingPages = ReturnType<typeof bookingPages>;

/** What the routes of these pages need. */
export type Means = { readonly pages: BookingPages; readonly now: () => number };
