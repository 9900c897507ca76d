import type { AskedEvent, Guest, Invitation } from '../model/request';
import { whenWords } from '../time/words';
import { answerOfGuest, telling } from './invite';
import type { At } from './words';

const answers = { yes: 'comes', maybe: 'may come', no: 'does not come', other: 'proposes another time' };

/** What a guest answered: `comes`, `has not answered`. */
export function guestWords(invitation: Invitation, guest: Guest): string {
  const answer = answerOfGuest(invitation, guest);
  if (!answer) return 'has not answered';
  return answer.note === '' ? answers[answer.kind] : `${answers[answer.kind]}: ${answer.note}`;
}

type Sent = At & {
  /** What the mailbox says when it does not send it. */
  readonly refusal: string | undefined;
  /** There is no mailbox, or it cannot be asked. */
  readonly away: boolean;
};

/** Whether those who are invited know of a meeting as it stands. */
export function invitationLine(
  invitation: Invitation,
  event: AskedEvent,
  { refusal, away, today, zone, style }: Sent,
): string {
  if (telling(invitation, event).length === 0)
    return `All know of it as it stands, since ${whenWords(invitation.stamp, today, zone, style)}.`;
  if (refusal) return `The invitation is not sent: the mailbox refuses it (${refusal}).`;
  if (away) return 'The invitation waits to be sent until a mailbox answers.';
  return invitation.told ? 'The change goes out in a moment.' : 'The invitation goes out in a moment.';
}
