import { distanceWords, whenWords, type Style } from '../time/words';
import type { IsoDate, Zone } from '../time/zone';
import { hostOf, reasonOf, type Feed, type Outcome, type Trouble } from './feed';

/** What is wrong, as a clause whose subject is the other side: `does not answer`. */
export function troubleWords({ why, status }: Pick<Trouble, 'why' | 'status'>): string {
  switch (why) {
    case 'offline':
      return 'cannot be asked, as this device or the server of Sprindle is offline';
    case 'address':
      return 'leads to an address that is none of the web';
    case 'private':
      return 'leads into the private network of this machine, which is not asked';
    case 'unknown':
      return 'is a host that nobody knows';
    case 'unreachable':
      return 'does not answer';
    case 'slow':
      return 'takes too long to answer';
    case 'large':
      return 'sends more than 50 MB';
    case 'half':
      return 'broke off in the middle of its answer';
    case 'redirects':
      return 'leads round in circles';
    case 'signIn':
      return `wants to know who asks (${status ?? 401})`;
    case 'missing':
      return 'has nothing at this address (404)';
    case 'gone':
      return 'says that the calendar is gone for good (410)';
    case 'busy':
      return `asks for fewer questions (${status ?? 429})`;
    case 'broken':
      return `answers with an error (${status ?? 500})`;
    case 'noCalendar':
      return 'sends something that is no calendar';
    case 'noAccount':
      return 'knows of no account with calendars at this address';
    case 'noMailbox':
      return 'knows of no mailbox at this address';
    case 'lost':
      return 'still holds most of what is gone here, and is asked about';
    case 'empty':
      return 'sends a calendar without any event';
  }
}

/** Why nothing came of looking at an address, in a sentence. */
export const outcomeWords = (host: string, outcome: Outcome): string =>
  `${host} ${troubleWords(reasonOf(outcome))}. Nothing was changed.`;

type At = { readonly now: number; readonly today: IsoDate; readonly zone: Zone; readonly style: Style };

type Stands = Pick<Feed, 'address' | 'trouble' | 'heardAt'>;

/** How a calendar stands that is asked for, in a sentence or two: since when it fails, what was kept, when it is asked again. */
export function feedWords({ address, trouble, heardAt }: Stands, { now, today, zone, style }: At): string {
  const when = (instant: number) => whenWords(instant, today, zone, style);
  if (!trouble) return heardAt === null ? 'Not asked yet.' : `As it was ${when(heardAt)}.`;
  const again =
    trouble.again === null
      ? ''
      : ` It is asked again in ${distanceWords(Math.max(60_000, trouble.again - now))}.`;
  return `${hostOf(address)} ${troubleWords(trouble)}, since ${when(trouble.since)}. What it held stays.${again}`;
}
