import { nameOf } from '@/core/calendar/attendees';
import { moveEvent } from '@/core/commands/events';
import { answerRequest, hearLetters, invite, keepTime } from '@/core/commands/requests';
import type { CalendarEvent } from '@/core/model/event';
import type { AnswerKind, Guest, Invitation, Proposal, Request, Who } from '@/core/model/request';
import { eventOfUid } from '@/core/requests/placed';
import { eventOf, type Letter } from '@/core/requests/receive';
import { hoursMark } from '@/core/requests/revision';
import { momentWords } from '@/core/time/words';
import { here } from '@/state/here';
import { changeMailbox, outside } from '@/state/outside';
import { newId, realWorkspace, store } from '@/state/workspaceStore';
import { ownCalendar, startAt } from '../events';
import { tell } from './tell';

/** One's own addresses: those of the settings, and that of the mailbox. */
export function ownAddresses(): string[] {
  const { mailbox } = outside();
  return [...realWorkspace().settings.addresses, ...(mailbox ? [mailbox.own.address] : [])];
}

const said: Record<AnswerKind, string> = {
  yes: 'accepted',
  maybe: 'answered with maybe',
  no: 'declined',
  other: 'another time is proposed',
};

type Saying = {
  readonly proposals?: readonly Proposal[];
  readonly note?: string;
  readonly notThisWeek?: boolean;
};

/** Follows a message about an event, and tells what it does to the plan. */
export function follow(letter: Letter): void {
  const before = realWorkspace();
  const { uid } = letter.itip;
  const step = store.bring(hearLetters, { letters: [letter], calendar: ownCalendar(), own: ownAddresses() });
  const event = eventOfUid(realWorkspace(), uid) ?? eventOfUid(before, uid);
  if (step && event) tell(event.calendarId, before, step, { events: [event.id] });
}

/** Lets what was refused by the mailbox be sent again. */
export const sendAgain = (of: string): void =>
  changeMailbox((mailbox) => ({ ...mailbox, refused: mailbox.refused.filter((one) => one.of !== of) }));

/** Answers a request; the answer goes out a few seconds later, so that it can be undone until then. */
export function answer(
  request: Request,
  kind: AnswerKind,
  { proposals = [], note = '', notThisWeek = false }: Saying = {},
): boolean {
  const event = eventOf(request);
  if (!event) return false;
  // stamps that go out know no less than seconds
  const before = Math.max(request.answer?.at ?? 0, request.sent?.at ?? 0);
  const at = Math.max(here().now, before + 1000);
  const done = store.run(
    answerRequest,
    {
      id: request.id,
      answer: {
        ...{ kind, at, hours: hoursMark(event), proposals: [...proposals], note },
        ...(notThisWeek && { notThisWeek }),
      },
      calendar: ownCalendar(),
      own: ownAddresses(),
    },
    `${event.title}: ${notThisWeek ? 'not this week' : said[kind]}`,
  );
  if (done) sendAgain(request.id);
  return done;
}

/** Invites people to a meeting of one's own, or others than before. Invitations go out a few seconds later. */
export function inviteTo(event: CalendarEvent, guests: readonly Who[], words: string): boolean {
  const done = store.run(invite, { eventId: event.id, guests }, words);
  if (done) sendAgain(event.uid);
  return done;
}

/** Moves a meeting of one's own to a time that a guest has proposed; all who are invited get to know. */
export function moveAsProposed({ id }: Invitation, event: CalendarEvent, { start, minutes }: Proposal): void {
  const changes = { start: startAt(start, event.start), length: { days: 0, seconds: minutes * 60 } };
  const words = `${event.title} moved to ${momentWords(start, here().zone, realWorkspace().settings)}`;
  const input = {
    id: event.id,
    recurrence: event.start.wall,
    scope: 'all' as const,
    newId: newId(),
    changes,
  };
  if (store.run(moveEvent, input, words)) sendAgain(id);
}

/** Lets the time of a meeting stay, though a guest has proposed another one, who gets to know. */
export function letStay({ id }: Invitation, guest: Guest): void {
  const words = `The time stays; ${nameOf(guest)} gets to know`;
  if (store.run(keepTime, { id, address: guest.address }, words)) sendAgain(id);
}
