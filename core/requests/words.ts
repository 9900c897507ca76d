import type { Request } from '../model/request';
import { whenWords, type Style } from '../time/words';
import type { IsoDate, Zone } from '../time/zone';
import { answerTo, isUnsent, standingOf, type Standing } from './receive';

export type At = { readonly today: IsoDate; readonly zone: Zone; readonly style: Style };

const standingWords: Record<Standing, string> = {
  asked: 'Not answered',
  yes: 'Accepted',
  maybe: 'Answered with maybe',
  no: 'Declined',
  other: 'Another time is proposed',
  off: 'Called off',
  partly: 'Not known yet',
};

/** Whether and when an answer has gone out; `refusal` is what the mailbox says when it does not send it, `away` that what sends it cannot be asked. */
function sentWords(request: Request, refusal: string | undefined, away: boolean, at: At): string {
  const answer = answerTo(request);
  if (!answer) return '';
  const { today, zone, style } = at;
  if (!isUnsent(request)) return `sent ${whenWords(answer.at, today, zone, style)}`;
  if (refusal) return `not sent: the mailbox refuses it (${refusal})`;
  return away ? 'waits to be sent' : 'goes out in a moment';
}

/** How a request stands, in a line: `Accepted, sent today 11:20`. */
export function requestLine(request: Request, refusal: string | undefined, away: boolean, at: At): string {
  const standing = standingOf(request);
  const head = answerTo(request)?.notThisWeek ? 'Not this week' : standingWords[standing];
  const sent = standing === 'off' ? '' : sentWords(request, refusal, away, at);
  return [head, sent].filter(Boolean).join(', ');
}

/** Why a message about an event was not followed, after whom it is from: `its event cannot be read`. */
export const unheardWords = {
  notOrganizer: 'is not from whoever asked for the meeting, and was not followed',
  older: 'is older than what is known, and changes nothing',
  noOrganizer: 'does not say who asks, and was not followed',
  notGuest: 'answers in the name of somebody else, and was not followed',
  gone: 'answers a meeting of yours that is gone, and changes nothing',
  unreadable: 'cannot be read',
  large: 'is too large to be looked at',
} as const;
