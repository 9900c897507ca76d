import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { inviteTo, moveAsProposed, sendAgain } from '@/actions/outside/requests';
import { ownCalendars, type CalendarEvent } from '@/core/model/event';
import type { Guest, Invitation } from '@/core/model/request';
import { refusedBy } from '@/core/outside/mailbox';
import { calendarsOf, proposals } from '@/core/outside/proposals';
import { readGuests } from '@/core/people/guests';
import { knownPeople } from '@/core/people/known';
import { guestWords, invitationLine } from '@/core/requests/guestWords';
import { spanFrom } from '@/core/time/span';
import { isSameAddress, nameOf } from '@/core/calendar/attendees';
import { spanWords } from '@/core/time/words';
import { useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Field, type Reading } from '@/ui/Field';
import { openPanel } from '@/ui/panels';
import { quoted } from '@/ui/readings';
import { QUARTER, useSince } from '@/ui/useSince';
import { Words } from '@/ui/Words';

/** Those who are invited to a meeting of one's own: who they are, what they answered, and a time that suits all. */
export function Guests({ event }: { event: CalendarEvent }) {
  const workspace = useWorkspace();
  const isOwn = ownCalendars(workspace.calendars).some(({ id }) => id === event.calendarId);
  const invitation = workspace.invitations.get(event.uid);
  if (!isOwn || event.madeHere !== true || workspace.requests.has(event.uid)) return null;
  return (
    <View className="gap-2">
      {invitation && invitation.guests.length > 0 && <Invited event={event} invitation={invitation} />}
      <Invite event={event} guests={invitation?.guests ?? []} />
    </View>
  );
}

type GuestsProps = { event: CalendarEvent; guests: readonly Guest[] };

/** Inviting more people, by their addresses or the names by which one knows them. */
function Invite({ event, guests }: GuestsProps) {
  const known = knownPeople(useWorkspace()).all;
  const read = (typed: string): Reading<Guest[]> => {
    const found = readGuests(typed, known);
    return 'guests' in found
      ? { value: found.guests }
      : { problem: `${quoted(found.unread)} is no address, and nobody you know by that name alone.` };
  };
  return (
    <Field
      label="Invite"
      text=""
      adding
      wraps
      placeholder="Tomas Brandt, mina@river.example"
      read={read}
      onSave={(more) => {
        const names = more.map(nameOf).join(', ');
        if (more.length > 0) inviteTo(event, [...guests, ...more], `Invited ${names}`);
      }}
    />
  );
}

function Invited({ event, invitation }: { event: CalendarEvent; invitation: Invitation }) {
  const { zone, today } = useMoment();
  const workspace = useWorkspace();
  const { settings: style } = workspace;
  const { mailbox } = useOutside();
  const [seeking, setSeeking] = useState(false);
  const { guests } = invitation;
  const refusal = refusedBy(mailbox, invitation.id);
  const line = invitationLine(invitation, event, {
    refusal,
    away: !mailbox || mailbox.trouble !== null,
    ...{ today, zone, style },
  });
  const isRepeating = event.rule !== null;
  return (
    <View className="gap-2">
      <Words face="strong">{guests.length === 1 ? 'One is invited' : `${guests.length} are invited`}</Words>
      <View role="list" aria-label="Invited">
        {guests.map((guest) => (
          <View key={guest.address} role="listitem" className="flex-row flex-wrap items-center gap-x-2">
            <Words>{nameOf(guest)}</Words>
            <Words tone="soft">{guestWords(invitation, guest)}</Words>
            <Button
              label="Leave out"
              says={`Leave out: ${nameOf(guest)}`}
              kind="quiet"
              onPress={() =>
                inviteTo(
                  event,
                  guests.filter(({ address }) => !isSameAddress(address, guest.address)),
                  `${nameOf(guest)} is not invited any more`,
                )
              }
            />
          </View>
        ))}
      </View>
      <Words size="xs" tone={refusal ? 'brick' : 'soft'} aria-live="polite">
        {line}
      </Words>
      <View className="flex-row flex-wrap gap-2">
        {refusal && <Button label="Try again" onPress={() => sendAgain(invitation.id)} />}
        {!mailbox && (
          <Button label="Connect a mailbox…" onPress={() => openPanel({ kind: 'connectMailbox' })} />
        )}
        {!isRepeating && (
          <Button
            label={seeking ? 'Leave the time' : 'A time that suits all…'}
            onPress={() => setSeeking(!seeking)}
          />
        )}
      </View>
      {seeking && <SuitsAll event={event} invitation={invitation} />}
    </View>
  );
}

/** Times at which all can come, as far as it is known when they are free. */
function SuitsAll({ event, invitation }: { event: CalendarEvent; invitation: Invitation }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const since = useSince(QUARTER);
  const { settings } = workspace;
  const { guests } = invitation;
  const found = useMemo(
    () => proposals(workspace, event, guests, { ...since, notThisWeek: false }),
    [workspace, event, guests, since],
  );
  const known = calendarsOf(workspace, guests).length;
  return (
    <View className="gap-2 rounded-lg border border-line bg-surface p-3">
      <Words size="xs" tone="soft">
        {found.length === 0
          ? 'In the next weeks there is no time at which all are free.'
          : `Free here, and for those whose calendar you see: ${known} of ${guests.length}.`}
      </Words>
      {found.map((proposal) => {
        const when = spanWords(spanFrom(proposal), zone, settings);
        return (
          <View key={proposal.start} className="flex-row">
            <Button
              label={`Move it to ${when}`}
              onPress={() => moveAsProposed(invitation, event, proposal)}
            />
          </View>
        );
      })}
    </View>
  );
}
