import type { Writing } from '../formats/mail/writeMessage';
import { markOf } from '../formats/mark';
import type { Id } from '../model/common';
import type { Answer, AskedEvent, Request, Who } from '../model/request';
import type { Workspace } from '../model/workspace';
import { spanFrom } from '../time/span';
import { spanWords, type Style } from '../time/words';
import type { Zone } from '../time/zone';
import { sayingMark, telling, unawareOf, type Told } from './invite';
import { invitationText, refreshText, replyText, staysText } from './letters';
import { eventOfUid } from './placed';
import { answerTo, eventOf, isOfBooking, isUnsent, sequenceOf, spanOfAsked, standingOf } from './receive';

/*
 * The letters that wait to be sent about requests and invitations: no queue, but what differs from what was sent last. What
 * each is known by follows from what it says, so that one whose answer was lost is found again and not sent twice.
 */

type Sending = { readonly own: Who; readonly zone: Zone; readonly now: number; readonly style: Style };

export type Outgoing = {
  /** The request or invitation that it is about. */
  readonly of: Id;
  readonly writing: Writing;
  /** What is known once it has gone out. */
  readonly then:
    | { readonly kind: 'answered'; readonly at: number; readonly sequence: number }
    | { readonly kind: 'told'; readonly what: Told; readonly stamp: number }
    | { readonly kind: 'stays'; readonly address: string };
};

/** The domain of an address: what letters from it are known by ends with it. */
export const domainOf = ({ address }: Who) => address.split('@')[1] ?? 'sprindle.invalid';

const idOf = (own: Who, ...parts: readonly (string | number)[]) =>
  `sprindle-${markOf(parts.join(' '))}@${domainOf(own)}`;

const whenWords = (event: AskedEvent, { zone, style }: Sending) =>
  `${spanWords(spanOfAsked(event, zone), zone, style)} (${zone})`;

const answerHeads: Record<Answer['kind'], string> = {
  yes: 'Accepted',
  maybe: 'Maybe',
  no: 'Declined',
  other: 'Another time, please',
};

function answerBody(
  event: AskedEvent,
  { kind, proposals, note, notThisWeek }: Answer,
  sending: Sending,
): string {
  const when = whenWords(event, sending);
  const { zone, style } = sending;
  const lines = {
    yes: `I will come: ${event.title}, ${when}.`,
    maybe: `I may come, and will tell you once I know: ${event.title}, ${when}.`,
    no: `I cannot come: ${event.title}, ${when}.`,
    other: `${notThisWeek ? 'I have planned that week already, and cannot make' : 'I cannot make'} ${event.title}, ${when}.`,
  };
  const times = proposals.map((one) => `- ${spanWords(spanFrom(one), zone, style)}`);
  return [
    ...(note === '' ? [] : [note, '']),
    lines[kind],
    ...(times.length === 0 ? [] : [`I could come then (${zone}):`, ...times]),
  ].join('\n');
}

/** What asks for the whole of something, once, of which only a part has come. */
function refreshLetter(request: Request, { own, now }: Sending): Outgoing[] {
  if (standingOf(request) !== 'partly' || request.sent) return [];
  const { id, organizer, heardAt } = request;
  return [
    {
      of: id,
      writing: {
        ...{ from: own, to: [organizer], at: now, id: idOf(own, id, 'refresh', heardAt) },
        subject: 'What is it about?',
        text: 'A change of a meeting has come here, and not the meeting itself. Could you send it again?',
        calendar: { method: 'REFRESH', text: refreshText(request, own, now) },
      },
      then: { kind: 'answered', at: heardAt, sequence: sequenceOf(request) },
    },
  ];
}

function answerLetter(request: Request, sending: Sending): Outgoing[] {
  const answer = answerTo(request);
  const event = eventOf(request);
  // what was booked from a page is answered there
  if (!answer || !event || !isUnsent(request) || isOfBooking(request)) return [];
  const { text, sequence } = replyText(request, answer, sending.own);
  const { kind, at, proposals } = answer;
  const method = kind === 'other' && proposals.length > 0 ? 'COUNTER' : 'REPLY';
  return [
    {
      of: request.id,
      writing: {
        ...{ from: sending.own, to: [request.organizer], at: sending.now },
        subject: `${answerHeads[kind]}: ${event.title}`,
        text: answerBody(event, answer, sending),
        id: idOf(sending.own, request.id, at, sequence, kind),
        calendar: { method, text },
      },
      then: { kind: 'answered', at, sequence },
    },
  ];
}

/** The answer to a booking as a message; `where` is the page on which it stands, too. */
export function bookingAnswer(
  request: Request,
  answer: Answer,
  where: string,
  sending: Sending,
): Writing | undefined {
  const event = eventOf(request);
  if (!event) return undefined;
  const [another] =
    answer.proposals.length > 0
      ? ['Choose one of them here, or look for another time:']
      : ['It stands here, too:'];
  return {
    ...{ from: sending.own, to: [request.organizer], at: sending.now },
    subject: `${answerHeads[answer.kind]}: ${event.title}`,
    text: [answerBody(event, answer, sending), '', another, where].join('\n'),
    id: idOf(sending.own, request.id, answer.at, sequenceOf(request), answer.kind),
  };
}

function invitationLetters(workspace: Workspace, sending: Sending): Outgoing[] {
  const { own, now } = sending;
  return workspace.invitations.values().flatMap((invitation) => {
    // a stamp knows no less than seconds, and is to be later than the last
    const stamp = Math.max(Math.floor(now / 1000) * 1000, invitation.stamp + 1000);
    return telling(invitation, eventOfUid(workspace, invitation.id)).map((what): Outgoing => {
      const { kind, event, to, sequence } = what;
      const head = kind === 'cancel' ? 'Called off' : invitation.told ? 'Changed' : 'Invitation';
      const text = [
        `${event.title}, ${whenWords(event, sending)}`,
        ...(event.location ? [event.location] : []),
        ...(event.notes && kind !== 'cancel' ? ['', event.notes] : []),
      ];
      return {
        of: invitation.id,
        writing: {
          ...{ from: own, to, at: now, subject: `${head}: ${event.title}`, text: text.join('\n') },
          id: idOf(own, invitation.id, kind, sequence, sayingMark(event, to), invitation.stamp),
          calendar: {
            method: kind === 'cancel' ? 'CANCEL' : 'REQUEST',
            text: invitationText(what, { organizer: own, stamp }),
          },
        },
        then: { kind: 'told', what, stamp },
      };
    });
  });
}

/** What tells guests that the time stays, though they proposed another one. */
function staysLetters(workspace: Workspace, sending: Sending): Outgoing[] {
  const { own, now } = sending;
  return workspace.invitations.values().flatMap((invitation) => {
    const event = eventOfUid(workspace, invitation.id);
    if (!event) return [];
    const { id, sequence } = invitation;
    return unawareOf(invitation).map((guest): Outgoing => ({
      of: id,
      writing: {
        ...{ from: own, to: [guest], at: now, subject: `The time stays: ${event.title}` },
        text: `${event.title} stays where it is: ${whenWords(event, sending)}.`,
        id: idOf(own, id, 'stays', sequence, guest.address, guest.stays?.stamp ?? 0),
        calendar: {
          method: 'DECLINECOUNTER',
          text: staysText({ event, sequence, guest }, { organizer: own, stamp: now }),
        },
      },
      then: { kind: 'stays', address: guest.address },
    }));
  });
}

/** All letters about requests and invitations that wait to be sent. */
export const outgoing = (workspace: Workspace, sending: Sending): Outgoing[] => [
  ...workspace.requests
    .values()
    .flatMap((request) => [...answerLetter(request, sending), ...refreshLetter(request, sending)]),
  ...invitationLetters(workspace, sending),
  ...staysLetters(workspace, sending),
];
