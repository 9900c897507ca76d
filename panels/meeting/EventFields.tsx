import { useState } from 'react';
import { View } from 'react-native';
import { isRepeating, repeatEvent, type Scope } from '@/core/commands/events';
import { detailsAt, type Occurrence } from '@/core/calendar/occurrences';
import { ownCalendars, type CalendarEvent } from '@/core/model/event';
import { lengthOf } from '@/core/time/span';
import { dateWords, momentWords, durationWords } from '@/core/time/words';
import { dateOf, instantOf, timeOf } from '@/core/time/zone';
import { alarmsOf, isOdd, ownLeads, withLeads } from '@/core/remind/leads';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { Field, type Reading } from '@/ui/Field';
import { readDay } from '@/ui/dayReadings';
import { readLength, readTitle, readWords } from '@/ui/readings';
import { change, putInto, remove, startAt } from '@/actions/events';
import { LeadsField } from '@/board/LeadsField';
import { Words } from '@/ui/Words';
import { CallField } from '../parts/CallField';
import { Notes } from '../parts/Notes';
import { RepeatFields } from '../parts/RepeatFields';
import { WithMonth } from '../parts/WithMonth';
import { ScopeChoice, deleteWords } from '../parts/ScopeChoice';

/** All that an event says, each field saving itself. Of a repeating event it is chosen what changes hold for. */
export function EventFields({ event, meeting }: { event: CalendarEvent; meeting: Occurrence }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { settings } = workspace;
  const [scope, setScope] = useState<Scope>('one');
  const own = ownCalendars(workspace.calendars);
  const repeats = isRepeating(event);
  const details = detailsAt(event, meeting.recurrence);
  const { title, location, notes, categories, calls, reminders, busy, length } = details;
  const holds = repeats ? scope : 'all';
  const set = (changes: Parameters<typeof change>[2]) => change(meeting, holds, changes);
  const day = dateOf(meeting.from, zone);
  const days = length.days || 1;
  const starts = meeting.allDay ? dateWords(day, settings) : momentWords(meeting.from, zone, settings);
  const start = ({ date, time }: { date: string; time: string | null }) => {
    if (meeting.allDay) return set({ start: { wall: date, zone: event.start.zone } });
    const hour = time ?? timeOf(meeting.from, zone);
    return set({ start: startAt(instantOf(`${date}T${hour}`, zone), event.start) });
  };
  const allDay = () =>
    meeting.allDay
      ? set({
          start: { wall: `${day}T09:00:00`, zone: zone },
          length: { days: 0, seconds: 3600 },
        })
      : set({ start: { wall: day, zone: null }, length: { days: 1, seconds: 0 } });
  return (
    <View className="gap-4">
      {repeats && <ScopeChoice value={scope} onChoose={setScope} />}
      <Field label="Title" wraps text={title} read={readTitle} onSave={(to) => set({ title: to })} />
      <WithMonth
        of="Start"
        chosen={day}
        onChoose={(date) => start({ date, time: null })}
        hours={
          meeting.allDay
            ? undefined
            : {
                chosen: meeting.from,
                except: meeting.id,
                onChoose: (at) => start({ date: dateOf(at, zone), time: timeOf(at, zone) }),
              }
        }
      >
        <Field label="Starts" text={starts} read={readDay} onSave={start} />
      </WithMonth>
      {meeting.allDay ? (
        <Field
          label="Days"
          text={String(days)}
          read={readDays}
          onSave={(count) => set({ length: { days: count, seconds: 0 } })}
        />
      ) : (
        <Field
          label="Length"
          text={durationWords(lengthOf(meeting))}
          read={readLength}
          onSave={(minutes) => set({ length: { days: 0, seconds: minutes * 60 } })}
        />
      )}
      {!repeats && <CheckBox label="All day" checked={meeting.allDay} onToggle={allDay} />}
      <Field label="Place" wraps text={location} read={readWords} onSave={(to) => set({ location: to })} />
      <CallField calls={calls} onSave={(to) => set({ calls: to })} />
      <Notes text={notes} onSave={(to) => set({ notes: to })} />
      <Field
        label="Category"
        text={categories.join(', ')}
        read={readWords}
        onSave={(to) =>
          set({
            categories: to
              .split(',')
              .map((each) => each.trim())
              .filter(Boolean),
          })
        }
      />
      <LeadsField
        label="Remind me before"
        leads={ownLeads(details)}
        otherwise={alarmsOf(workspace, { ...details, reminders: [], unreminded: undefined }).map(
          ({ minutesBefore }) => minutesBefore,
        )}
        onSave={(leads) => set(withLeads(details, leads))}
      />
      {reminders.some(isOdd) && (
        <Words size="xs" tone="soft">
          {reminders.filter(isOdd).length === 1 ? 'One more reminder' : 'More reminders'} came with its file,
          at other times, and stay.
        </Words>
      )}
      <Choice
        label="While it lasts I am"
        value={busy ? 'busy' : 'free'}
        onChoose={(to) => set({ busy: to === 'busy' })}
        options={[
          { value: 'busy', name: 'busy' },
          { value: 'free', name: 'free' },
        ]}
      />
      {event.madeHere && own.length > 1 && (
        <Choice
          label="Calendar"
          value={event.calendarId}
          onChoose={(calendarId) => putInto(meeting, event, calendarId)}
          options={own.map(({ id, name }) => ({ value: id, name }))}
        />
      )}
      <RepeatFields
        rule={event.rule}
        start={event.start.wall.slice(0, 10)}
        onRule={(rule) => store.run(repeatEvent, { id: event.id, rule })}
      />
      <View className="flex-row">
        <Button
          label={repeats ? deleteWords[scope] : 'Delete event'}
          kind="danger"
          icon="remove"
          onPress={() => remove(meeting, holds)}
        />
      </View>
    </View>
  );
}

const readDays = (typed: string): Reading<number> => {
  const count = Number(typed);
  return Number.isInteger(count) && count >= 1 && count <= 366
    ? { value: count }
    : { problem: 'Type a number of days from 1 to 366.' };
};
