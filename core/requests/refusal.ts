import { isAmong } from '../calendar/attendees';
import type { Workspace } from '../model/workspace';
import { speaksForThemselves } from './invite';
import type { Method } from './itip';
import { isOwnMeeting } from './placed';
import { received, type Letter, type Refusal } from './receive';

const ANSWERS: readonly Method[] = ['REPLY', 'COUNTER', 'REFRESH'];

/** Why a message about an event is not followed, if it is not; `own` are one's own addresses. */
export function refusalOf(
  workspace: Workspace,
  letter: Letter,
  own: readonly string[],
): Refusal | 'notGuest' | 'gone' | undefined {
  const { requests, invitations } = workspace;
  const { uid, method, organizer } = letter.itip;
  if (ANSWERS.includes(method) && organizer && isAmong(organizer.address, own))
    return !invitations.has(uid) ? 'gone' : speaksForThemselves(letter) ? undefined : 'notGuest';
  const before = requests.get(uid);
  if (!before && !invitations.has(uid) && isOwnMeeting(workspace, uid)) return 'notOrganizer';
  const result = received(before, letter, own);
  return result.kind === 'refused' ? result.why : undefined;
}
