import { useState } from 'react';
import { View } from 'react-native';
import { noteOn } from '@/core/commands/remarks';
import { isRepeating } from '@/core/commands/events';
import { addEntry } from '@/core/commands/track';
import { endedEarly } from '@/core/calendar/ended';
import { detailsAt, occurrenceAt, type Occurrence } from '@/core/calendar/occurrences';
import { ruleWords } from '@/core/calendar/repeat';
import { clockWords, dateWords, durationWords, spanWords } from '@/core/time/words';
import { lengthOf } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { entriesOf, subjectOfMeeting } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { change } from '@/actions/events';
import { earlyWords, mayBeOver, meetingIsOver, meetingWentOn } from '@/actions/ending';
import { keepMeeting } from '@/actions/templates';
import { Button } from '@/ui/Button';
import { TimerButton } from '@/board/taskParts';
import { Words } from '@/ui/Words';
import { EventFields } from './EventFields';
import { Guests } from './Guests';
import { MeetingSays } from './MeetingSays';
import { Attachments } from '../parts/Attachments';
import { Notes } from '../parts/Notes';
import { SpentList } from '../parts/SpentList';

/** Records that a meeting took the time it was planned for. */
const asPlanned = (meeting: Occurrence) =>
  store.run(
    addEntry,
    { id: newId(), subject: subjectOfMeeting(meeting), from: meeting.from, to: meeting.to },
    `${meeting.title} took ${durationWords(lengthOf(meeting))}, as planned`,
  );

/** A meeting: its hours, and the time that it really took. */
export function MeetingDetails({ meeting: opened }: { meeting: Occurrence }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { settings, calendars, entries, events, remarks, invitations } = workspace;
  const [editing, setEditing] = useState(false);
  const event = events.get(opened.eventId);
  if (!event) return <Words>This event is no longer there.</Words>;
  const meeting = occurrenceAt(event, opened.recurrence, zone);
  const holds = isRepeating(event) ? 'one' : 'all';
  const details = detailsAt(event, meeting.recurrence);
  const subject = subjectOfMeeting(meeting);
  const date = dateOf(meeting.from, zone);
  const over = endedEarly(workspace, meeting, zone);
  const recorded = entriesOf(entries, subject).length > 0;
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Words face="strong">
          {meeting.allDay ? `${dateWords(date, settings)}, all day` : spanWords(meeting, zone, settings)}
        </Words>
        {over && (
          <Words>
            Was over at {clockWords(over.at, zone, settings.clock)}, {earlyWords(over.at, meeting.to)}
          </Words>
        )}
        {meeting.location !== '' && <Words>{meeting.location}</Words>}
        {details.categories.length > 0 && <Words tone="soft">{details.categories.join(', ')}</Words>}
        <Words tone="soft">
          {calendars.get(meeting.calendarId)?.name ?? 'Calendar'} · {meeting.busy ? 'busy' : 'free'}
        </Words>
        {event.rule && (
          <Words tone="soft">Repeats {ruleWords(event.rule, event.start.wall.slice(0, 10), settings)}</Words>
        )}
      </View>
      <MeetingSays
        details={invitations.has(event.uid) ? { ...details, attendees: [] } : details}
        {...(event.madeHere ? { onNotes: (notes) => change(meeting, holds, { notes }) } : {})}
      />
      <Guests event={event} />
      <Notes
        label="My notes"
        text={remarks.get(meeting.id)?.text ?? ''}
        onSave={(text) => store.tryTo(noteOn, { meeting, text })}
      />
      <Attachments
        of={{ kind: 'meeting', occurrence: meeting.id }}
        all={isRepeating(event) ? { kind: 'event', eventId: event.id } : undefined}
      />
      {!meeting.allDay && (
        <>
          <View className="flex-row flex-wrap gap-2">
            <TimerButton subject={subject} />
            {!over && mayBeOver(meeting, now) && (
              <Button label="It is over" onPress={() => meetingIsOver(meeting)} />
            )}
            {over && <Button label="It went on" onPress={() => meetingWentOn(meeting, over.date)} />}
            {!recorded && meeting.to > meeting.from && (
              <Button label="Took place as planned" onPress={() => asPlanned(meeting)} />
            )}
          </View>
          <SpentList subject={subject} estimate={Math.round(lengthOf(meeting))} date={date} />
        </>
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={editing ? 'Stop editing' : 'Edit event'}
          icon="pen"
          onPress={() => setEditing(!editing)}
        />
        <Button label="Keep as a template" kind="quiet" onPress={() => keepMeeting(meeting, details)} />
      </View>
      {editing && <EventFields event={event} meeting={meeting} />}
    </View>
  );
}
