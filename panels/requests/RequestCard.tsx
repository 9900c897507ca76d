import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { ownCalendar } from '@/actions/events';
import { answer } from '@/actions/outside/requests';
import { LoadMeasure } from '@/board/LoadMeasure';
import { nameOf } from '@/core/calendar/attendees';
import { ruleWords } from '@/core/calendar/repeat';
import { shortBecauseOf } from '@/core/feasible/request';
import { takesWords } from '@/core/feasible/words';
import type { AskedEvent, Request } from '@/core/model/request';
import { asIfAccepted, type AsIf } from '@/core/outside/asIf';
import { brokenRules, type Broken } from '@/core/outside/door';
import { brokenLine } from '@/core/outside/doorWords';
import { isIntoSealed } from '@/core/outside/proposals';
import { dayPlan } from '@/core/plan/dayPlan';
import { findingLine } from '@/core/plan/findingWords';
import { judge } from '@/core/plan/judge';
import { eventOf, spanOfAsked } from '@/core/requests/receive';
import { lengthOf } from '@/core/time/span';
import { dateWords, durationWords, spanWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { QUARTER, useSince } from '@/ui/useSince';
import { Heading, Words } from '@/ui/Words';
import { AnotherTime } from './AnotherTime';
import { WhereItLies } from './WhereItLies';

/** Something that is asked for: when, by whom, where it would lie, what that means, and the answers. */
export function RequestCard({ request }: { request: Request }) {
  const workspace = useWorkspace();
  const since = useSince(QUARTER);
  const event = eventOf(request);
  const asIf = useMemo(
    () => asIfAccepted(workspace, request, ownCalendar(), since),
    [workspace, request, since],
  );
  const broken = useMemo(() => {
    if (!asIf) return [];
    const { from, to } = asIf.meeting;
    return brokenRules(workspace, { span: { from, to }, by: request.organizer, id: request.id }, since.zone);
  }, [workspace, asIf, request, since]);
  if (!event) return null;
  return (
    <View role="group" aria-label={event.title} className="gap-3 border-l-4 border-amber pl-3">
      <Asked request={request} event={event} />
      {asIf ? <WhatItMeans asIf={asIf} /> : <Words tone="brick">No time of it is still to come.</Words>}
      {broken.length > 0 && <BrokenRules broken={broken} />}
      <Answers
        key={String(broken.length > 0)}
        request={request}
        event={event}
        breaksRules={broken.length > 0}
      />
    </View>
  );
}

/** Who asks for what, and when. */
function Asked({ request, event }: { request: Request; event: AskedEvent }) {
  const { zone } = useMoment();
  const { settings } = useWorkspace();
  const span = spanOfAsked(event, zone);
  const isWhole = event.start.wall.length === 10;
  const when = isWhole
    ? `${dateWords(event.start.wall, settings)}, all day`
    : spanWords(span, zone, settings);
  const others = event.attendees.length - 1;
  const { answer: before, sender } = request;
  const isProposed = before?.proposals.some(({ start }) => start === span.from);
  return (
    <View className="gap-0.5">
      <Heading level={2}>{event.title}</Heading>
      <Words face="strong">
        {when}
        {isWhole ? '' : ` · ${durationWords(lengthOf(span))}`}
      </Words>
      {event.rule && (
        <Words tone="soft">Repeats {ruleWords(event.rule, event.start.wall.slice(0, 10), settings)}</Words>
      )}
      <Words tone="soft">
        {[`${nameOf(request.organizer)} asks`, event.location, others > 1 && `${others} others are asked`]
          .filter(Boolean)
          .join(' · ')}
      </Words>
      {sender !== null && (
        <Words size="xs" tone="brick">
          {`It was sent by ${sender}, in the name of ${request.organizer.address}.`}
        </Words>
      )}
      {isProposed && <Words size="xs">It has moved to a time that you proposed.</Words>}
      {!before && request.sent && (
        <Words size="xs">An answer of yours has gone out; what you answer now takes its place.</Words>
      )}
      {before && !isProposed && (
        <Words size="xs" tone="brick">
          It has changed since you answered.
        </Words>
      )}
      {event.notes !== '' && (
        <Words size="xs" numberOfLines={6} className="whitespace-pre-wrap">
          {event.notes}
        </Words>
      )}
    </View>
  );
}

/** Where it would lie, and what its place means: zone, what it collides with, the load of its day, what comes short. */
function WhatItMeans({ asIf: { workspace: after, meeting } }: { asIf: AsIf }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const minutes = Math.max(1, Math.round(lengthOf(meeting)));
  const findings = judge(
    workspace,
    { what: { kind: 'event', event: meeting }, to: { kind: 'hours', start: meeting.from, minutes } },
    { zone },
  );
  const [short] = useMemo(() => shortBecauseOf(after, meeting, zone, now), [after, meeting, zone, now]);
  const date = dateOf(meeting.from, zone);
  const good = findings.length === 0 && !short;
  return (
    <View className="gap-2">
      {!meeting.allDay && <WhereItLies workspace={after} meeting={meeting} />}
      <View role="list" aria-label="What it means" className="gap-0.5">
        {findings.map((finding) => (
          <Words key={finding.kind} role="listitem" size="xs" tone="brick">
            {findingLine(finding)}
          </Words>
        ))}
        {short && (
          <Words role="listitem" size="xs" tone="brick">
            {takesWords(short, after, zone, now)}
          </Words>
        )}
        {good && (
          <Words role="listitem" size="xs">
            Nothing speaks against it: its hours are free, and all that is due can be done in time beside it.
          </Words>
        )}
      </View>
      <View className="gap-1">
        <Words size="xs" tone="soft">
          {`${dateWords(date, workspace.settings)} with it`}
        </Words>
        <LoadMeasure load={dayPlan(after, date, zone).load} />
      </View>
    </View>
  );
}

/** The rules of one's own door that it breaks. */
const BrokenRules = ({ broken }: { broken: readonly Broken[] }) => (
  <View role="list" aria-label="Against your rules" className="gap-0.5">
    {broken.map((one) => (
      <Words key={one.kind} role="listitem" size="xs" face="strong" tone="brick">
        {brokenLine(one)}
      </Words>
    ))}
  </View>
);

type AnswersProps = { request: Request; event: AskedEvent; breaksRules: boolean };

/** The answers; another time opens below them, and is proposed at once where a rule is broken. */
function Answers({ request, event, breaksRules }: AnswersProps) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const isSealed = isIntoSealed(workspace, event, zone);
  const [elsewhere, setElsewhere] = useState<'no' | 'another' | 'notThisWeek'>(
    !breaksRules ? 'no' : isSealed ? 'notThisWeek' : 'another',
  );
  const says = (what: string) => `${what}: ${event.title}`;
  const open = (how: 'another' | 'notThisWeek') => () => setElsewhere(elsewhere === how ? 'no' : how);
  return (
    <View className="gap-3">
      {isSealed && <Words size="xs">Its week is sealed.</Words>}
      <View className="flex-row flex-wrap gap-2">
        {isSealed && (
          <Button
            label="Not this week…"
            says={says('Not this week…')}
            kind={elsewhere === 'no' ? 'primary' : 'plain'}
            onPress={open('notThisWeek')}
          />
        )}
        <Button
          label="Accept"
          says={says('Accept')}
          kind={isSealed || breaksRules || elsewhere !== 'no' ? 'plain' : 'primary'}
          onPress={() => answer(request, 'yes')}
        />
        <Button label="Maybe" says={says('Maybe')} onPress={() => answer(request, 'maybe')} />
        <Button label="Another time…" says={says('Another time…')} onPress={open('another')} />
        <Button label="Decline" says={says('Decline')} onPress={() => answer(request, 'no')} />
      </View>
      {elsewhere !== 'no' && (
        <AnotherTime
          key={elsewhere}
          request={request}
          event={event}
          notThisWeek={elsewhere === 'notThisWeek'}
        />
      )}
    </View>
  );
}
