import { isSameAddress, plainAddress } from '../calendar/attendees';
import { markOf } from '../formats/mark';
import { eventSays } from '../formats/writeCalendar';
import type { AskedEvent, Guest, Invitation, Who } from '../model/request';
import type { Itip } from './itip';
import type { Letter } from './receive';
import { hoursMark, isNewer } from './revision';

/*
 * A meeting of one's own that others are invited to: what they have to be told, and what they answer. What waits to be sent is
 * no queue, but what differs from what they were told last.
 */

/** The mark of all that an event says to those who are invited. */
export const sayingMark = (event: AskedEvent, guests: readonly Who[]): string =>
  markOf(
    [
      ...eventSays({ ...event, id: '', calendarId: '', attendees: [], reminders: [] }),
      ...guests.map(({ address }) => plainAddress(address)).sort(),
    ].join('\n'),
  );

/** What those who are invited, `to`, are to be told now. */
export type Told = {
  readonly kind: 'request' | 'cancel';
  readonly event: AskedEvent;
  readonly sequence: number;
  readonly to: readonly Who[];
};

const isSame = (one: Who, other: Who) => isSameAddress(one.address, other.address);
const isIn = (guests: readonly Who[], who: Who) => guests.some((one) => isSame(one, who));

/** What has to be said of a meeting as it stands (undefined when it is gone), beside what was said last; in order. */
export function telling({ told, sequence, guests }: Invitation, event: AskedEvent | undefined): Told[] {
  const isOff = !event || event.cancelled;
  const left = (told?.guests ?? []).filter((guest) => isOff || !isIn(guests, guest));
  const off: Told[] =
    told && left.length > 0
      ? [{ kind: 'cancel', event: told.event, sequence: sequence + (isOff ? 1 : 0), to: left }]
      : [];
  if (isOff || guests.length === 0 || told?.mark === sayingMark(event, guests)) return off;
  const moved = told !== undefined && told.hours !== hoursMark(event);
  return [...off, { kind: 'request', event, sequence: sequence + (moved ? 1 : 0), to: guests }];
}

/** The invitation once those who are invited were told. `stamp` is when, epoch ms. */
export function toldOf(
  invitation: Invitation,
  { kind, event, sequence, to }: Told,
  stamp: number,
): Invitation {
  const { told, ...rest } = invitation;
  if (kind === 'request')
    return {
      ...rest,
      ...{ sequence, stamp },
      told: {
        ...{ hours: hoursMark(event), mark: sayingMark(event, invitation.guests), event },
        guests: to.map(({ name, address }) => ({ name, address })),
      },
    };
  const left = (told?.guests ?? []).filter((guest) => !isIn(to, guest));
  return { ...rest, sequence, stamp, ...(told && left.length > 0 && { told: { ...told, guests: left } }) };
}

/** The answer of a guest that holds: given to the hours as they were sent last, and no proposal that was refused. */
export function answerOfGuest({ sequence }: Invitation, { answer, stays }: Guest): Guest['answer'] {
  if (!answer || answer.sequence !== sequence) return undefined;
  return answer.kind === 'other' && answer.stamp === stays?.stamp ? undefined : answer;
}

/** The guests who do not know yet that the time stays though they proposed another. */
export const unawareOf = ({ guests }: Invitation): Guest[] =>
  guests.filter(({ stays }) => stays?.told === false);

/** Whether an answer is from the one whom it says that it is from. */
export const speaksForThemselves = ({
  itip: { attendees },
  sender,
}: Pick<Letter, 'itip' | 'sender'>): boolean =>
  attendees[0] !== undefined && isSameAddress(attendees[0].address, sender);

/** The invitation as one that all who are invited are to be told of again, as one of them asks for it. */
function refreshed(invitation: Invitation, { attendees: [who], stamp }: Itip): Invitation | undefined {
  const guest = invitation.guests.find((one) => who && isSame(one, who));
  if (!guest || !invitation.told || stamp <= (guest.refreshed ?? 0)) return undefined;
  const guests = invitation.guests.map((one) => (one === guest ? { ...guest, refreshed: stamp } : one));
  return { ...invitation, guests, told: { ...invitation.told, mark: '' } };
}

/** The invitation after one who was invited has answered, or proposed another time; undefined where it says nothing new. */
export function answered(
  invitation: Invitation,
  { itip, sender }: Pick<Letter, 'itip' | 'sender'>,
): Invitation | undefined {
  const { method, sequence, stamp, attendees, proposals, comment } = itip;
  if (!speaksForThemselves({ itip, sender })) return undefined;
  if (method === 'REFRESH') return refreshed(invitation, itip);
  if ((method !== 'REPLY' && method !== 'COUNTER') || sequence > invitation.sequence) return undefined;
  const [who] = attendees;
  const guest = invitation.guests.find((one) => who && isSame(one, who));
  const kind = method === 'COUNTER' ? 'other' : who?.answer;
  if (!guest || !kind) return undefined;
  const answer = { kind, sequence, stamp, proposals: [...proposals], note: comment };
  if (guest.answer && !isNewer(answer, guest.answer)) return undefined;
  const guests = invitation.guests.map((one) => (one === guest ? { ...guest, answer } : one));
  return { ...invitation, guests };
}
