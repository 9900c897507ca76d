import { escaped, folded, utc } from '../formats/writeLine';
import type { Answer, AskedEvent, Guest, Request, Who } from '../model/request';
import type { Told } from './invite';
import { attendeeLine, organizerLine, writeItip } from './itip';
import { eventOf, sequenceOf } from './receive';

/** A message that invites to a meeting, or calls it off. `stamp` is when it is written, epoch ms. */
export const invitationText = ({ kind, event, sequence, to }: Told, { organizer, stamp }: By): string =>
  writeItip(kind === 'cancel' ? 'CANCEL' : 'REQUEST', {
    ...{ event, sequence, stamp, organizer },
    attendees: [attendeeLine(organizer, 'yes', false), ...to.map((guest) => attendeeLine(guest, null))],
  });

type Staying = {
  readonly event: AskedEvent;
  readonly sequence: number;
  readonly guest: Pick<Guest, 'name' | 'address' | 'stays'>;
};
type By = { readonly organizer: Who; readonly stamp: number };

/** A message that refuses the other times that a guest has proposed. */
export const staysText = ({ event, sequence, guest }: Staying, by: By): string =>
  writeItip('DECLINECOUNTER', {
    ...{ event, sequence, ...by, attendees: [attendeeLine(guest, null)] },
    refuses: guest.stays?.stamp,
  });

/** A message that answers a request, and the version of it that it is about. */
export function replyText(request: Request, answer: Answer, own: Who): { text: string; sequence: number } {
  const event = eventOf(request);
  if (!event) throw new Error('Nothing is known yet of what was asked.');
  const sequence = sequenceOf(request);
  const { kind, at, proposals, note } = answer;
  const text = writeItip(kind === 'other' && proposals.length > 0 ? 'COUNTER' : 'REPLY', {
    ...{ event, sequence, stamp: at, organizer: request.organizer, proposals, comment: note },
    attendees: [attendeeLine(own, kind === 'other' && proposals.length === 0 ? 'no' : kind, false)],
  });
  return { text, sequence };
}

/** A message that asks to be told of the whole of something of which only a part is known (RFC 5546 3.2.6). */
export const refreshText = ({ id, organizer }: Request, own: Who, stamp: number): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Sprindle//Sprindle//EN',
    'METHOD:REFRESH',
    'BEGIN:VEVENT',
    `UID:${escaped(id)}`,
    `DTSTAMP:${utc(stamp)}`,
    organizerLine(organizer),
    attendeeLine(own, null, false),
    'END:VEVENT',
    'END:VCALENDAR',
  ]
    .map((line) => `${folded(line)}\r\n`)
    .join('');
