import { noteSent } from '@/core/commands/requests';
import { base64Of } from '@/core/formats/bytes';
import { writeMessage } from '@/core/formats/mail/writeMessage';
import type { Answer, Request, Who } from '@/core/model/request';
import { Booking } from '@/core/outside/booking';
import {
  itipOfBooking,
  markOfOffer,
  newPage,
  offerOf,
  requestOfBooking,
  type OwnPage,
} from '@/core/outside/bookingPage';
import { inVain, unchanged } from '@/core/outside/feed';
import { bookingAnswer } from '@/core/requests/outgoing';
import { answerTo, isUnsent, sequenceOf } from '@/core/requests/receive';
import * as z from '@/core/zod';
import { here } from '@/state/here';
import { changePage, inTurn, keepPage, outside } from '@/state/outside';
import { realWorkspace, store } from '@/state/workspaceStore';
import { openedMailbox } from './mailbox';
import { follow, ownAddresses } from './requests';

const Bookings = z.object({ bookings: z.array(Booking) });

/** Where a page is for others. */
export const addressOfPage = ({ token }: OwnPage): string => `${location.origin}/book/${token}`;

/** Says something about a page to the server that it came from; the status, and what was answered. */
async function say(
  { token, key }: OwnPage,
  what: 'offer' | 'bookings' | 'answer' | 'remove',
  body: object = {},
): Promise<{ readonly status: number; readonly told: unknown }> {
  try {
    const answer = await fetch(`/booking/${token}/${what}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ key, ...body }),
    });
    const text = await answer.text();
    return { status: answer.status, told: answer.ok ? JSON.parse(text) : undefined };
  } catch {
    return { status: 0, told: undefined };
  }
}

const own = (): Who => outside().mailbox?.own ?? { name: '', address: ownAddresses()[0] ?? '' };

/** Follows what was booked and called off since. */
function hearBookings(page: OwnPage, bookings: readonly Booking[]): void {
  for (const booking of bookings) {
    const known = realWorkspace().requests.get(requestOfBooking(booking));
    const isKnown =
      known &&
      sequenceOf(known) >= booking.sequence &&
      (booking.state === 'off') === (known.cancelled !== null);
    if (isKnown) continue;
    follow({ itip: itipOfBooking(booking, page, own()), sender: booking.address, at: booking.at });
  }
}

/** Sends the answer to a booking: to its page, and by the mailbox if there is one. */
async function sendAnswer(page: OwnPage, booking: Booking, request: Request, answer: Answer): Promise<void> {
  const { kind, proposals, note, at } = answer;
  const { status } = await say(page, 'answer', { answer: { id: booking.id, kind, proposals, note } });
  if (status !== 200) return;
  const { mailbox } = outside();
  if (mailbox) {
    const where = `${addressOfPage(page)}/${booking.id}`;
    const sending = { ...here(), own: mailbox.own, style: realWorkspace().settings };
    const writing = bookingAnswer(request, answer, where, sending);
    const box = await openedMailbox(mailbox).catch(() => undefined);
    // the page says it in any case
    if (writing) await box?.send(writing.id, writeMessage(writing)).catch(() => undefined);
  }
  store.note(noteSent, { id: request.id, at, sequence: sequenceOf(request) });
}

async function sendAnswers(page: OwnPage, bookings: readonly Booking[]): Promise<void> {
  for (const booking of bookings) {
    const request = realWorkspace().requests.get(requestOfBooking(booking));
    const answer = request && answerTo(request);
    if (request && answer && isUnsent(request)) await sendAnswer(page, booking, request, answer);
  }
}

/** Offers what is free by now, if it is not what is offered already; `anew` in any case. Whether that went through. */
async function offerTimes(page: OwnPage, anew: boolean): Promise<boolean> {
  const { zone, now } = here();
  const offer = offerOf(realWorkspace(), page, zone, now);
  const mark = markOfOffer(offer);
  if (mark === page.offered && !anew) return true;
  const { status } = await say(page, 'offer', { offer });
  if (status === 200) changePage(page.token, (one) => ({ ...one, offered: mark }));
  return status === 200;
}

async function askPage(page: OwnPage): Promise<void> {
  // nobody can have booked what was never offered
  if (page.offered === null) await offerTimes(page, true);
  const { status, told } = await say(page, 'bookings');
  const read = Bookings.safeParse(told).data;
  if (read) {
    hearBookings(page, read.bookings);
    await sendAnswers(page, read.bookings);
  }
  // a server that has lost it gets it again, at the same address
  const offered = outside().pages.find(({ token }) => token === page.token)?.offered ?? null;
  const isThere = await offerTimes({ ...page, offered }, status === 404);
  changePage(page.token, (one) =>
    isThere
      ? unchanged(one, here().now)
      : inVain(
          one,
          status === 0 ? { kind: 'refused', why: 'offline' } : { kind: 'answered', status, retryAfter: null },
          here().now,
        ),
  );
}

/** Asks for bookings of all pages, answers them, and offers what is free. */
export async function askPages(): Promise<void> {
  await store.whole();
  await inTurn('pages', async () => {
    for (const page of outside().pages) await askPage(page);
  });
}

const random = (): string =>
  base64Of(crypto.getRandomValues(new Uint8Array(18)))
    .replace(/\+/g, '-')
    .replace(/\//g, '_');

/** Makes a page to book from, at an address that nobody can guess. */
export async function publishPage(
  chosen: Omit<Parameters<typeof newPage>[0], 'token' | 'key'>,
): Promise<void> {
  keepPage(newPage({ ...chosen, token: random(), key: random() }));
  await askPages();
  store.say(`${chosen.title} can be booked from now on`);
}

/** Takes a page down; what was booked stays among the requests. */
export async function takeDown(page: OwnPage): Promise<void> {
  const { status } = await say(page, 'remove');
  if (status !== 200 && status !== 404)
    return store.say(
      'The server cannot be reached: the page is still there. Nothing was changed.',
      'problem',
    );
  changePage(page.token, () => null);
  store.say(`${page.title} is taken down`);
}
