import { occurrencesOf, type Occurrence } from '../calendar/occurrences';
import { answerRequest } from '../commands/requests';
import type { Calendar } from '../model/event';
import type { Request } from '../model/request';
import type { Workspace } from '../model/workspace';
import { eventOfUid } from '../requests/placed';
import { eventOf } from '../requests/receive';
import { hoursMark } from '../requests/revision';
import type { Zone } from '../time/zone';

/** How far ahead the times of what repeats are looked for, in ms. */
const AHEAD = 366 * 86_400_000;

/** What would be if a request were accepted. */
export type AsIf = {
  readonly workspace: Workspace;
  /** The first time of it that is still to come. */
  readonly meeting: Occurrence;
};

/**
 * The data as they would be with a request accepted, to be looked at and nothing else; `calendar` is one's own. Undefined when no
 * time of it is still to come.
 */
export function asIfAccepted(
  workspace: Workspace,
  request: Request,
  calendar: Calendar,
  { zone, now }: { readonly zone: Zone; readonly now: number },
): AsIf | undefined {
  const event = eventOf(request);
  if (!event) return undefined;
  const answer = { kind: 'yes' as const, at: now, hours: hoursMark(event), proposals: [], note: '' };
  const open = { ...request, cancelled: null };
  const asked = { ...workspace, requests: workspace.requests.with([open]) };
  const after = answerRequest.apply(asked, { id: request.id, answer, calendar, own: [] });
  const placed = eventOfUid(after, request.id);
  const [meeting] = placed ? occurrencesOf(placed, { from: now, to: now + AHEAD }, zone) : [];
  return meeting && { workspace: after, meeting };
}
