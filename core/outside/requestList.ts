import type { Invitation, Request } from '../model/request';
import type { Workspace } from '../model/workspace';
import { answerOfGuest } from '../requests/invite';
import { eventOf, spanOfAsked, standingOf } from '../requests/receive';
import type { Zone } from '../time/zone';

/** How long what is over with stays in sight, in ms. */
const IN_SIGHT = 14 * 86_400_000;

/** What others ask for: what waits for an answer, by when it would take place, and what was answered, the latest first. */
export function requestList(
  workspace: Workspace,
  zone: Zone,
  now: number,
): { readonly waiting: readonly Request[]; readonly answered: readonly Request[] } {
  const all = workspace.requests.values().flatMap((request) => {
    const event = eventOf(request);
    if (!event) return [];
    const { from, to } = spanOfAsked(event, zone);
    return [{ request, from, isPast: to <= now && event.rule === null, standing: standingOf(request) }];
  });
  const at = ({ answer, heardAt }: Request) => answer?.at ?? heardAt;
  return {
    waiting: all
      .filter(({ standing, isPast }) => standing === 'asked' && !isPast)
      .sort((a, b) => a.from - b.from)
      .map(({ request }) => request),
    answered: all
      .filter(
        ({ standing, isPast, request }) => (standing !== 'asked' || isPast) && at(request) > now - IN_SIGHT,
      )
      .map(({ request }) => request)
      .sort((a, b) => at(b) - at(a)),
  };
}

/** The invitations of one's own to which somebody has proposed another time that is not answered yet. */
export const proposedTo = ({ invitations }: Pick<Workspace, 'invitations'>): Invitation[] =>
  invitations
    .values()
    .filter((invitation) =>
      invitation.guests.some((guest) => answerOfGuest(invitation, guest)?.kind === 'other'),
    );
