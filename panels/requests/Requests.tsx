import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { sendAgain } from '@/actions/outside/requests';
import type { Request } from '@/core/model/request';
import { refusedBy } from '@/core/outside/mailbox';
import { requestList } from '@/core/outside/requestList';
import { eventOf, isOfBooking, spanOfAsked, standingOf } from '@/core/requests/receive';
import { requestLine, unheardWords } from '@/core/requests/words';
import { spanWords, whenWords } from '@/core/time/words';
import { useOutside } from '@/state/outside';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { QUARTER, useSince } from '@/ui/useSince';
import { Heading, Words } from '@/ui/Words';
import { DoorLimits } from './DoorLimits';
import { Proposed } from './Proposed';
import { RequestCard } from './RequestCard';

/** What others ask for of one's time: what waits for an answer, what was answered, and what was not followed. */
function Requests() {
  const workspace = useWorkspace();
  const { zone, now } = useSince(QUARTER);
  const { waiting, answered } = useMemo(() => requestList(workspace, zone, now), [workspace, zone, now]);
  return (
    <View className="gap-6">
      {waiting.length === 0 && <Words tone="soft">Nobody waits for an answer.</Words>}
      {waiting.map((request) => (
        <RequestCard key={request.id} request={request} />
      ))}
      <Proposed />
      {answered.length > 0 && (
        <View className="gap-2">
          <Heading level={2}>Answered</Heading>
          {answered.map((request) => (
            <Answered key={request.id} request={request} />
          ))}
        </View>
      )}
      <NotFollowed />
      <NoMailbox />
      <DoorLimits />
    </View>
  );
}

/** A request that was answered: how it stands, whether the answer is on its way, and the way to another one. */
function Answered({ request }: { request: Request }) {
  const { zone, today } = useMoment();
  const { settings: style } = useWorkspace();
  const { mailbox, pages } = useOutside();
  const [again, setAgain] = useState(false);
  const event = eventOf(request);
  if (!event) return null;
  const refusal = refusedBy(mailbox, request.id);
  const away = isOfBooking(request)
    ? pages.every(({ trouble }) => trouble !== null)
    : !mailbox || mailbox.trouble !== null;
  const isOver = standingOf(request) === 'off';
  return (
    <View className="gap-2 border-t border-line pt-2">
      <View className="flex-row flex-wrap items-center justify-between gap-x-3">
        <View className="min-w-[12rem] flex-1">
          <Words face="strong">{event.title}</Words>
          <Words size="xs" tone="soft">
            {spanWords(spanOfAsked(event, zone), zone, style)}
          </Words>
          <Words size="xs" tone={refusal ? 'brick' : 'ink'}>
            {requestLine(request, refusal, away, { zone, today, style })}
          </Words>
        </View>
        {refusal && (
          <Button
            label="Try again"
            says={`Try again: ${event.title}`}
            kind="quiet"
            onPress={() => sendAgain(request.id)}
          />
        )}
        {!isOver && (
          <Button
            label={again ? 'Leave it' : 'Answer otherwise…'}
            says={`${again ? 'Leave it' : 'Answer otherwise…'} ${event.title}`}
            kind="quiet"
            onPress={() => setAgain(!again)}
          />
        )}
      </View>
      {again && <RequestCard request={request} />}
    </View>
  );
}

/** Messages about events that were not followed, and why. */
function NotFollowed() {
  const { zone, today } = useMoment();
  const { settings: style } = useWorkspace();
  const unheard = useOutside(({ mailbox }) => mailbox?.unheard ?? none);
  if (unheard.length === 0) return null;
  return (
    <View className="gap-2">
      <Heading level={2}>Not followed</Heading>
      {unheard.map(({ id, from, subject, at, why }) => (
        <Words key={id} size="xs">
          {`“${subject}” from ${from}, ${whenWords(at, today, zone, style)}, ${unheardWords[why]}.`}
        </Words>
      ))}
    </View>
  );
}

const none: readonly never[] = [];

/** Where there is no mailbox, requests can neither come nor be answered. */
function NoMailbox() {
  const hasMailbox = useOutside(({ mailbox }) => mailbox !== null);
  if (hasMailbox) return null;
  return (
    <View className="gap-2">
      <Words tone="soft">
        Requests come by mail, or from a page of yours. With a mailbox connected, invitations are shown here,
        and answers go out.
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Connect a mailbox…" onPress={() => openPanel({ kind: 'connectMailbox' })} />
        <Button label="Pages to book from…" onPress={() => openPanel({ kind: 'bookingPages' })} />
      </View>
    </View>
  );
}

export const requestsPanel: Panel<Panels['requests']> = {
  useTitle: () => 'Requests for your time',
  Content: Requests,
};

declare module '@/ui/panels' {
  interface Panels {
    /** What others ask for of one's time. */
    requests: object;
  }
}
