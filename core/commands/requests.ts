import { isAmong, isSameAddress, nameOf, plainAddress } from '../calendar/attendees';
import { withCategories } from '../model/categories';
import type { Id } from '../model/common';
import { TENTATIVE, type Attendee, type Calendar, type CalendarEvent } from '../model/event';
import type { Answer, Guest, Invitation, Request, Who } from '../model/request';
import type { Workspace } from '../model/workspace';
import { answered, answerOfGuest, toldOf, type Told } from '../requests/invite';
import { attendeeLine } from '../requests/itip';
import { eventOfUid, isOwnMeeting } from '../requests/placed';
import { answerTo, eventOf, isCalledOff, received, type Letter } from '../requests/receive';
import { command, CommandFailed, existing, forget, put } from './command';

/** The people of an event, with what one answers oneself. */
const withOwn = (attendees: readonly Attendee[], own: readonly string[], answer: Attendee['answer']) =>
  attendees.map((one) => (isAmong(one.address, own) ? { ...one, answer } : one));

type Taking = { readonly calendar: Calendar; readonly own: readonly string[] };

/** The event of a request as it is to stand in a calendar, going by what was answered. */
function placed(
  request: Request,
  { calendar, own }: Taking,
  before: CalendarEvent | undefined,
): CalendarEvent | undefined {
  const event = eventOf(request);
  if (!event) return undefined;
  const calendarId = before?.calendarId ?? calendar.id;
  const answer = answerTo(request)?.kind;
  const isSure = answer === 'yes';
  const kept = event.kept.filter((line) => line !== TENTATIVE);
  return {
    ...event,
    id: before?.id ?? `${calendarId}/${event.uid}`,
    calendarId,
    madeHere: before?.madeHere ?? true,
    changedAt: before?.changedAt,
    reminders: before?.reminders ?? event.reminders,
    attendees: withOwn(event.attendees, own, isSure ? 'yes' : 'maybe'),
    cancelled: isCalledOff(request),
    kept: isSure ? kept : [...kept, TENTATIVE],
  };
}

/** The workspace with the event of a request where its answer says that it is to be. */
function following(workspace: Workspace, request: Request, taking: Taking): Workspace {
  const before = eventOfUid(workspace, request.id);
  const answer = answerTo(request)?.kind;
  // what has moved since it was answered stays in sight, though it is asked again
  const stays = answer === 'yes' || answer === 'maybe' || (answer === undefined && before !== undefined);
  if (!stays) return before ? forget(workspace, 'events', [before.id]) : workspace;
  const event = placed(request, taking, before);
  if (!event) return workspace;
  const { calendar } = taking;
  const home =
    before || workspace.calendars.has(calendar.id) ? workspace : put(workspace, 'calendars', calendar);
  return put(withCategories(home, event.categories), 'events', event);
}

/** Takes over messages about requests and invitations, whatever order they come in. `calendar` is one's own for events. */
export const hearLetters = command(
  'hear of requests',
  (workspace, { letters, ...taking }: Taking & { readonly letters: readonly Letter[] }) =>
    letters.reduce((now, letter) => heard(now, letter, taking), workspace),
);

function heard(workspace: Workspace, letter: Letter, taking: Taking): Workspace {
  const invitation = workspace.invitations.get(letter.itip.uid);
  if (invitation) {
    const next = answered(invitation, letter);
    return next ? withGuests(workspace, next) : workspace;
  }
  const before = workspace.requests.get(letter.itip.uid);
  if (!before && isOwnMeeting(workspace, letter.itip.uid)) return workspace;
  const result = received(before, letter, taking.own);
  if (result.kind !== 'taken') return workspace;
  return following(put(workspace, 'requests', result.request), result.request, taking);
}

/** Answers a request: with yes or maybe its event lies in a calendar of one's own, else it does not. */
export const answerRequest = command(
  'answer',
  (workspace, { id, answer, ...taking }: Taking & { readonly id: Id; readonly answer: Answer }) => {
    const request = existing(workspace.requests, id, 'request');
    if (isCalledOff(request)) throw new CommandFailed('This meeting was called off by whoever asked for it.');
    const answered = { ...request, answer };
    return following(put(workspace, 'requests', answered), answered, taking);
  },
);

/** Notes that an answer has gone out. It is no step of the person's. */
export const noteSent = command(
  'note what was sent',
  (workspace, { id, at, sequence }: { readonly id: Id; readonly at: number; readonly sequence: number }) => {
    const request = workspace.requests.get(id);
    return request ? put(workspace, 'requests', { ...request, sent: { at, sequence } }) : workspace;
  },
);

/** The people of an event as those who are invited to it have answered. */
const attendeesOf = (invitation: Invitation): Attendee[] =>
  invitation.guests.map((guest) => {
    const kind = answerOfGuest(invitation, guest)?.kind;
    const line = attendeeLine(guest, kind ?? null);
    return {
      name: nameOf(guest),
      address: guest.address,
      line,
      answer: kind === 'other' ? 'maybe' : (kind ?? 'none'),
    };
  });

/** The invitation, and its event with those who are invited. */
function withGuests(workspace: Workspace, invitation: Invitation): Workspace {
  const known = put(workspace, 'invitations', invitation);
  const event = eventOfUid(known, invitation.id);
  return event ? put(known, 'events', { ...event, attendees: attendeesOf(invitation) }) : known;
}

/** Invites people to a meeting of one's own, or others than before; those who were told of it and are left out get to know. */
export const invite = command(
  'invite',
  (workspace, { eventId, guests }: { readonly eventId: Id; readonly guests: readonly Who[] }) => {
    const { uid, sequence } = existing(workspace.events, eventId, 'meeting');
    const before = workspace.invitations.get(uid) ?? { id: uid, sequence, stamp: 0, guests: [] };
    const known = new Map(before.guests.map((guest) => [plainAddress(guest.address), guest]));
    const asked = new Map(guests.map((guest) => [plainAddress(guest.address), guest]));
    const all = [...asked].map(([address, guest]) => known.get(address) ?? guest);
    return withGuests(workspace, { ...before, guests: all });
  },
);

/** Notes what those who are invited have been told. It is no step of the person's. */
export const noteTold = command(
  'note what was sent',
  (workspace, { id, what, stamp }: { readonly id: Id; readonly what: Told; readonly stamp: number }) => {
    const invitation = workspace.invitations.get(id);
    if (!invitation) return workspace;
    const next = toldOf(invitation, what, stamp);
    // nobody is left who is to know more of it
    return next.told || eventOfUid(workspace, id)
      ? withGuests(workspace, next)
      : forget(workspace, 'invitations', [id]);
  },
);

const withGuest = (invitation: Invitation, address: string, change: (guest: Guest) => Guest): Invitation => ({
  ...invitation,
  guests: invitation.guests.map((one) => (isSameAddress(one.address, address) ? change(one) : one)),
});

type GuestOf = { readonly id: Id; readonly address: string };

/** Lets the time of a meeting stay, though a guest has proposed another one. */
export const keepTime = command('let the time stay', (workspace, { id, address }: GuestOf) => {
  const invitation = existing(workspace.invitations, id, 'invitation');
  const refusing = (guest: Guest) =>
    guest.answer?.kind === 'other' ? { ...guest, stays: { stamp: guest.answer.stamp, told: false } } : guest;
  return withGuests(workspace, withGuest(invitation, address, refusing));
});

/** Notes that a guest was told that the time stays. It is no step of the person's. */
export const noteStays = command('note what was sent', (workspace, { id, address }: GuestOf) => {
  const invitation = workspace.invitations.get(id);
  const knowing = ({ stays, ...guest }: Guest) => ({
    ...guest,
    ...(stays && { stays: { ...stays, told: true } }),
  });
  return invitation ? put(workspace, 'invitations', withGuest(invitation, address, knowing)) : workspace;
});
