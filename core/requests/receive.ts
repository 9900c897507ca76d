import { isAmong, isSameAddress } from '../calendar/attendees';
import { wallLike } from '../formats/fileZones';
import { rememberedPer } from '../model/remember';
import type { Answer, AskedEvent, Request, RequestPart, Revision } from '../model/request';
import type { WallStart } from '../model/event';
import type { Span } from '../time/span';
import { addDays, dayOf, instantOf, type Zone } from '../time/zone';
import type { Itip } from './itip';
import { hoursMark, isNewer } from './revision';

/*
 * What becomes of a request as messages about it come in. What counts is which version they are, not in which order they come:
 * late and doubled ones change nothing, and all orders end in the same.
 */

/** A message about an event, with the address of who sent it and when it came, epoch ms. */
export type Letter = { readonly itip: Itip; readonly sender: string; readonly at: number };

/** Why a message is not followed. */
export type Refusal = 'notOrganizer' | 'older' | 'noOrganizer';

export type Received =
  | { readonly kind: 'taken'; readonly request: Request }
  /** It says nothing that is not known, or is no question to oneself. */
  | { readonly kind: 'known' }
  | { readonly kind: 'refused'; readonly why: Refusal };

const known: Received = { kind: 'known' };
const taken = (request: Request): Received => ({ kind: 'taken', request });
const refused = (why: Refusal): Received => ({ kind: 'refused', why });

/** Whether whoever sent a message may speak for the one who asks. */
const speaksFor = ({ itip, sender }: Letter, before: Request): boolean =>
  itip.organizer !== null &&
  isSameAddress(itip.organizer.address, before.organizer.address) &&
  (isSameAddress(sender, before.organizer.address) ||
    isSameAddress(sender, before.sender ?? '') ||
    // only a first message may name who writes instead of the organizer
    (itip.sentBy !== null && before.sender !== null && isSameAddress(itip.sentBy, before.sender)));

const never: Revision = { sequence: -1, stamp: 0 };

function newRequest({ itip, sender, at }: Letter): Request | undefined {
  const { uid, organizer } = itip;
  if (!organizer) return undefined;
  return {
    ...{ id: uid, event: null, ...never, parts: [], cancelled: null, organizer, heardAt: at },
    sender: isSameAddress(sender, organizer.address) ? null : sender,
  };
}

const isPart = (one: RequestPart, { wall, zone }: WallStart) =>
  one.recurrence.wall === wall && one.recurrence.zone === zone;

/** The request with what is said of one time of it, unless something later is known of that. */
function withPart(request: Request, part: RequestPart): Received {
  const before = request.parts.find((one) => isPart(one, part.recurrence));
  if (before && !isNewer(part, before)) return isNewer(before, part) ? refused('older') : known;
  return taken({ ...request, parts: [...request.parts.filter((one) => one !== before), part] });
}

function ofOneTime(request: Request, itip: Itip, recurrence: WallStart): Received {
  const { sequence, stamp, event, method } = itip;
  const how = method === 'CANCEL' ? 'off' : method === 'ADD' ? 'added' : 'changed';
  return withPart(request, { recurrence, sequence, stamp, how, details: how === 'off' ? null : event });
}

function ofAll(request: Request, itip: Itip, before: Request | undefined): Received {
  const { sequence, stamp, event, organizer, method } = itip;
  const version = { sequence, stamp };
  if (method === 'CANCEL') {
    const last = request.cancelled ?? never;
    if (!isNewer(version, last)) return isNewer(last, version) ? refused('older') : known;
    if (before?.event && isNewer(before, version)) return refused('older');
    return taken({ ...request, cancelled: version });
  }
  if (!isNewer(version, request)) return isNewer(request, version) ? refused('older') : known;
  return taken({ ...request, ...version, event, organizer: organizer ?? request.organizer });
}

/** What becomes of a request, or of none, when a message comes in; `own` are one's own addresses. */
export function received(before: Request | undefined, letter: Letter, own: readonly string[]): Received {
  const { itip } = letter;
  const { method, organizer, recurrence, refuses, stamp } = itip;
  const until = refuses ?? stamp;
  if (method === 'REPLY' || method === 'REFRESH' || method === 'COUNTER') return known;
  if (organizer && isAmong(organizer.address, own)) return known;
  const request = before ?? newRequest(letter);
  if (!request) return refused('noOrganizer');
  if (before && !speaksFor(letter, before)) return refused('notOrganizer');
  if (method === 'DECLINECOUNTER')
    return before && until > (before.refused ?? 0) ? taken({ ...before, refused: until }) : known;
  if (method === 'ADD' && itip.event) return ofOneTime(request, itip, itip.event.start);
  return recurrence ? ofOneTime(request, itip, recurrence) : ofAll(request, itip, before);
}

/** A wall time of a message as it stands in an event, whose times compare as text. */
const wallIn = ({ start }: AskedEvent, { wall, zone }: WallStart): string =>
  wallLike({ ...start, allDay: start.wall.length === 10 }, { wall, zone, allDay: wall.length === 10 });

function withChange(event: AskedEvent, { recurrence, how, details }: RequestPart): AskedEvent {
  const wall = wallIn(event, recurrence);
  const exceptions = event.exceptions.filter((one) => one.recurrence !== wall);
  if (how === 'off')
    return { ...event, exceptions, without: [...event.without.filter((w) => w !== wall), wall] };
  if (!details) return event;
  if (how === 'added')
    return {
      ...event,
      also: [...event.also.filter((one) => one.wall !== wall), { wall, length: details.length }],
    };
  return { ...event, exceptions: [...exceptions, { ...details, recurrence: wall, andLater: false }] };
}

/** The event that is asked for, with what has come of single times of it since; null as long as none is known. */
export const eventOf = rememberedPer((request: Request): AskedEvent | null => {
  if (!request.event) return null;
  return request.parts
    .filter((part) => isNewer(part, request))
    .sort((a, b) => (isNewer(a, b) ? 1 : -1))
    .reduce(withChange, request.event);
});

/** When an event that is asked for takes place, the first time of it; `home` is the person's zone. */
export function spanOfAsked({ start, length }: AskedEvent, home: Zone): Span {
  const day = start.wall.slice(0, 10);
  if (start.wall.length === 10)
    return { from: dayOf(day, home).from, to: dayOf(addDays(day, length.days), home).from };
  const from = instantOf(start.wall, start.zone ?? home);
  return { from, to: from + (length.days * 1440 * 60 + length.seconds) * 1000 };
}

/** Up to which version a request is known: what an answer to it names. */
export const sequenceOf = (request: Request): number =>
  request.parts.reduce((most, { sequence }) => Math.max(most, sequence), request.sequence);

export const isCalledOff = ({ cancelled, ...request }: Request): boolean =>
  cancelled !== null && !isNewer(request, cancelled);

/** The answer that holds: given to the hours as they are now. */
export function answerTo(request: Request): Answer | undefined {
  const { answer, refused: no } = request;
  const event = eventOf(request);
  if (!answer || !event || answer.hours !== hoursMark(event)) return undefined;
  // another time that was refused is no answer any more; letters know no less than seconds
  const writtenAt = Math.floor(answer.at / 1000) * 1000;
  return answer.kind === 'other' && no !== undefined && no >= writtenAt ? undefined : answer;
}

/** What the ids of requests begin with that were booked from a page of one's own. */
export const BOOKED = 'booking-';
export const isOfBooking = ({ id }: Pick<Request, 'id'>): boolean => id.startsWith(BOOKED);

/** How a request stands. */
export type Standing = 'asked' | 'yes' | 'maybe' | 'no' | 'other' | 'off' | 'partly';

export function standingOf(request: Request): Standing {
  if (isCalledOff(request)) return 'off';
  // only what is about it has come so far
  if (!request.event) return 'partly';
  return answerTo(request)?.kind ?? 'asked';
}

/** Whether an answer waits to be sent: one that holds, and has not gone out for this version of the event. */
export function isUnsent(request: Request): boolean {
  const answer = answerTo(request);
  if (!answer || isCalledOff(request)) return false;
  const { sent } = request;
  return sent?.at !== answer.at || sent.sequence < sequenceOf(request);
}
