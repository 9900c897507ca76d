import { View } from 'react-native';
import { copyText } from '@/actions/copyText';
import { answer } from '@/actions/seals';
import type { Occurrence } from '@/core/calendar/occurrences';
import { shortBecauseOf } from '@/core/feasible/request';
import { takesWords } from '@/core/feasible/words';
import type { Seal } from '@/core/model/seal';
import { findingLine } from '@/core/plan/findingWords';
import { judge } from '@/core/plan/judge';
import { lateMeetings, putOffMeetings } from '@/core/plan/late';
import { minutesAsked, notThisWeekText } from '@/core/plan/otherTimes';
import { dateWords, durationWords, spanWords } from '@/core/time/words';
import { MINUTE } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Heading, Words } from '@/ui/Words';

/** Meetings that came after the seal: each is accepted, or put off with times in later weeks to send. */
export function Late({ seal }: { seal: Seal }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const late = lateMeetings(workspace, seal, zone);
  const putOff = putOffMeetings(workspace, seal, zone);
  if (late.length + putOff.length === 0) return null;
  return (
    <View className="gap-3 border border-line bg-surface p-3">
      {late.length > 0 && <Heading level={2}>Came after the seal</Heading>}
      {late.map((meeting) => (
        <LateMeeting key={meeting.id} seal={seal} meeting={meeting} />
      ))}
      {putOff.length > 0 && <Heading level={2}>Put off</Heading>}
      {putOff.map((meeting) => (
        <PutOff key={meeting.id} seal={seal} meeting={meeting} />
      ))}
    </View>
  );
}

type LateProps = { seal: Seal; meeting: Occurrence };

/** A meeting that was put off, with the text that says so and offers other times. */
function PutOff({ seal, meeting }: LateProps) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const text = notThisWeekText(workspace, meeting, seal.id, zone, now);
  return (
    <View className="gap-2">
      <Words face="strong">{meeting.title}</Words>
      <Words className="select-text whitespace-pre-wrap bg-ground p-2.5">{text}</Words>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Copy the text"
          says={`Copy the text about ${meeting.title}`}
          kind="primary"
          onPress={() => void copyText(text)}
        />
        <Button
          label="Other free times…"
          says={`Other free times… for ${meeting.title}`}
          onPress={() => openPanel({ kind: 'freeTimes', minutes: minutesAsked(meeting) })}
        />
        <Button
          label="Accept after all"
          says={`Accept after all: ${meeting.title}`}
          onPress={() => answer(seal.id, meeting, 'accepted')}
        />
      </View>
    </View>
  );
}

function LateMeeting({ seal, meeting }: LateProps) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { title, from, to, allDay } = meeting;
  const when = allDay
    ? dateWords(dateOf(from, zone), workspace.settings)
    : spanWords(meeting, zone, workspace.settings);
  const minutes = Math.round((to - from) / MINUTE);
  const findings = judge(
    workspace,
    {
      what: { kind: 'event', event: meeting },
      to: { kind: 'hours', start: from, minutes: Math.max(1, minutes) },
    },
    { zone },
  );
  return (
    <View className="gap-1">
      <Words face="strong">{title}</Words>
      <Words size="xs" tone="soft">
        {when}
        {allDay ? '' : ` · ${durationWords(minutes)}`}
      </Words>
      {findings.map((finding) => (
        <Words key={finding.kind} size="xs" tone="brick">
          {findingLine(finding)}
        </Words>
      ))}
      <Takes meeting={meeting} />
      <View className="flex-row flex-wrap gap-2 pt-1">
        <Button
          label="Accept"
          says={`Accept ${title}`}
          onPress={() => answer(seal.id, meeting, 'accepted')}
        />
        <Button
          label="Not this week…"
          says={`Not this week… ${title}`}
          onPress={() => answer(seal.id, meeting, 'notThisWeek')}
        />
      </View>
    </View>
  );
}

/** What a meeting takes from what is due, and the way to what would mend it. */
function Takes({ meeting }: { meeting: Occurrence }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const [first] = shortBecauseOf(workspace, meeting, zone, now);
  if (!first) return <Words size="xs">All that is due can be done in time beside it.</Words>;
  return (
    <View className="gap-1">
      <Words size="xs" tone="brick">
        {takesWords(first, workspace, zone, now)}
      </Words>
      <View className="-ml-3 items-start">
        <Button
          label="What would mend it…"
          kind="quiet"
          onPress={() => openPanel({ kind: 'feasible', until: first.tight.to })}
        />
      </View>
    </View>
  );
}
