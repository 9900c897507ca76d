import { useMemo } from 'react';
import type { Invitation } from '@/core/model/request';
import type { Workspace } from '@/core/model/workspace';
import { nameOf } from '@/core/calendar/attendees';
import { proposedTo, requestList } from '@/core/outside/requestList';
import { answerOfGuest } from '@/core/requests/invite';
import { eventOfUid } from '@/core/requests/placed';
import { eventOf, spanOfAsked } from '@/core/requests/receive';
import { asLine, whenWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel, usePanels } from '@/ui/panels';
import { QUARTER, useSince } from '@/ui/useSince';
import { TopLine } from './TopLine';

/** Whose other time waits to be answered, and for what. */
function proposedTitle(workspace: Workspace, [invitation]: readonly Invitation[]): string {
  const guest = invitation?.guests.find((one) => answerOfGuest(invitation, one)?.kind === 'other');
  const about = invitation && eventOfUid(workspace, invitation.id)?.title;
  return `${guest ? nameOf(guest) : 'Somebody'} proposes another time: ${about ?? ''}`;
}

/** What others ask for and wait to hear about, in a line, until it is answered. */
export function RequestsLine() {
  const workspace = useWorkspace();
  const { today } = useMoment();
  const { zone, now } = useSince(QUARTER);
  const isOpen = usePanels(({ shown }) => shown?.kind === 'requests');
  const { waiting } = useMemo(() => requestList(workspace, zone, now), [workspace, zone, now]);
  const proposed = proposedTo(workspace);
  const rest = waiting.length + proposed.length - 1;
  if (rest < 0 || isOpen) return null;
  const [first] = waiting;
  const event = first && eventOf(first);
  const title =
    first && event ? `${nameOf(first.organizer)} asks: ${event.title}` : proposedTitle(workspace, proposed);
  const when = event ? `${whenWords(spanOfAsked(event, zone).from, today, zone, workspace.settings)}. ` : '';
  const more =
    rest === 0 ? 'It waits for your answer.' : `${rest} more ${rest === 1 ? 'waits' : 'wait'} for an answer.`;
  return (
    <TopLine kind="Asked for" title={title} line={asLine(when) + more}>
      <Button label="Look and answer…" onPress={() => openPanel({ kind: 'requests' })} />
    </TopLine>
  );
}
