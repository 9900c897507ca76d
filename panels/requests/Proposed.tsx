import { View } from 'react-native';
import { letStay, moveAsProposed } from '@/actions/outside/requests';
import { nameOf } from '@/core/calendar/attendees';
import type { Guest, Invitation } from '@/core/model/request';
import { proposedTo } from '@/core/outside/requestList';
import { answerOfGuest } from '@/core/requests/invite';
import { spanFrom } from '@/core/time/span';
import { eventOfUid } from '@/core/requests/placed';
import { spanOfAsked } from '@/core/requests/receive';
import { spanWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Heading, Words } from '@/ui/Words';

/** Other times that somebody proposes who was invited: each is taken, or the time stays. */
export function Proposed() {
  const workspace = useWorkspace();
  return proposedTo(workspace).flatMap((invitation) =>
    invitation.guests
      .filter((guest) => answerOfGuest(invitation, guest)?.kind === 'other')
      .map((guest) => (
        <One key={`${invitation.id} ${guest.address}`} invitation={invitation} guest={guest} />
      )),
  );
}

function One({ invitation, guest }: { invitation: Invitation; guest: Guest }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { settings: style } = workspace;
  const event = eventOfUid(workspace, invitation.id);
  const answer = answerOfGuest(invitation, guest);
  if (!event || !answer) return null;
  const name = nameOf(guest);
  return (
    <View role="group" aria-label={`${event.title}, ${name}`} className="gap-2 border-l-4 border-amber pl-3">
      <Heading level={2}>{event.title}</Heading>
      <Words>
        {`${name} cannot make ${spanWords(spanOfAsked(event, zone), zone, style)} and proposes ${answer.proposals.length === 1 ? 'another time' : 'other times'}.`}
      </Words>
      {answer.note !== '' && <Words tone="soft">{answer.note}</Words>}
      <View className="flex-row flex-wrap gap-2">
        {answer.proposals.map((proposal) => {
          const when = spanWords(spanFrom(proposal), zone, style);
          return (
            <Button
              key={proposal.start}
              label={`Move to ${when}`}
              says={`Move to ${when}: ${event.title}`}
              onPress={() => moveAsProposed(invitation, event, proposal)}
            />
          );
        })}
        <Button
          label="The time stays"
          says={`The time stays: ${event.title}, ${name}`}
          kind="quiet"
          onPress={() => letStay(invitation, guest)}
        />
      </View>
    </View>
  );
}
