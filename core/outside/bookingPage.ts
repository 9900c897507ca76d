import { nameOf } from '../calendar/attendees';
import { markOf } from '../formats/mark';
import { bounds, textUpTo } from '../model/bounds';
import { DateText } from '../model/common';
import { plainEvent } from '../model/event';
import type { Who } from '../model/request';
import type { Workspace } from '../model/workspace';
import type { Itip } from '../requests/itip';
import { BOOKED } from '../requests/receive';
import type { Span } from '../time/span';
import { addDays, dateOf, dayOf, wallOf, type Zone } from '../time/zone';
import * as z from '../zod';
import type { Booking, Offer } from './booking';
import { admitted, anybody } from './door';
import { notAsked, standing } from './feed';
import { freeTimes, WORKDAYS } from './freeTimes';

/**
 * A page of one's own from which others book times. A thing of this device: its token is in the address that lets others in, its
 * key lets this browser change what it offers.
 */
export const OwnPage = z.object({
  token: textUpTo(100),
  key: textUpTo(100),
  /** What others read above it, and who they meet. */
  title: textUpTo(200),
  host: textUpTo(200),
  minutes: z.int(),
  /** How many days ahead can be booked, and the last day of all. */
  days: z.int(),
  until: DateText,
  /** Whether it can be booked more than once. */
  many: z.boolean(),
  /** How long before a time it can be booked at the latest, in minutes. */
  notice: z.int(),
  /** Weeks that are sealed are left alone. */
  leavesSealed: z.boolean(),
  /** The mark of what was offered last. */
  offered: z.nullable(textUpTo(bounds.title)),
  ...standing,
});
export type OwnPage = z.infer<typeof OwnPage>;

/** How often it is asked for bookings, in minutes. */
const OFTEN = 1;

type Chosen = Omit<OwnPage, 'offered' | keyof typeof standing>;
export const newPage = (chosen: Chosen): OwnPage => ({ ...notAsked, every: OFTEN, ...chosen, offered: null });

/** The most stretches that a page offers. */
const MOST = 400;

/** The free times that a page offers: in hours that are open to meetings and nowhere else, by the rules of the door, as far ahead as it may be booked. */
export function offeredTimes(workspace: Workspace, page: OwnPage, zone: Zone, now: number): Span[] {
  const { minutes, days, until, leavesSealed } = page;
  const from = dateOf(now, zone);
  if (until < from) return [];
  const { times, open } = freeTimes(
    workspace,
    {
      minutes,
      from,
      days,
      weekdays: WORKDAYS,
      most: MOST,
      leavesSealed,
      theirs: zone,
      hours: null,
      with: [],
    },
    zone,
    now,
  );
  const end = endOf(page, zone);
  return open
    ? admitted(workspace, times, { minutes, by: anybody }, zone)
        .filter((span) => span.from < end)
        .map(({ from: start, to }) => ({ from: start, to: Math.min(to, end) }))
    : [];
}

/** Until when a page can be booked, epoch ms. */
const endOf = ({ until }: OwnPage, zone: Zone): number => dayOf(addDays(until, 1), zone).from;

/** What leaves the browser for a page: its words, its rules, and free times. */
export const offerOf = (workspace: Workspace, page: OwnPage, zone: Zone, now: number): Offer => {
  const { host, title, minutes, many, notice } = page;
  const spans = offeredTimes(workspace, page, zone, now);
  return { host, title, minutes, zone, many, notice, spans, until: endOf(page, zone) };
};

export const markOfOffer = (offer: Offer): string => markOf(JSON.stringify(offer));

export const requestOfBooking = ({ id }: Pick<Booking, 'id'>): string => `${BOOKED}${id}`;

/** A booking as a message that asks for one's time, or calls it off. */
export function itipOfBooking(booking: Booking, { title }: OwnPage, own: Who): Itip {
  const { start, minutes, name, address, note, at, sequence, state } = booking;
  const uid = requestOfBooking(booking);
  const visitor = { name, address };
  const line = (who: Who) => ({
    name: nameOf(who),
    address: who.address,
    answer: 'none' as const,
    line: '',
  });
  return {
    method: state === 'off' ? 'CANCEL' : 'REQUEST',
    ...{
      uid,
      sequence,
      stamp: at,
      recurrence: null,
      organizer: visitor,
      sentBy: null,
      comment: '',
      proposals: [],
      refuses: null,
    },
    attendees: [],
    event: {
      ...{ ...plainEvent, uid, sequence, title: `${title}: ${name}`, notes: note },
      attendees: [line(visitor), ...(own.address === '' ? [] : [line(own)])],
      start: { wall: wallOf(start, 'UTC'), zone: 'UTC' },
      length: { days: 0, seconds: minutes * 60 },
    },
  };
}
