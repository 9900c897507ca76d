import { View } from 'react-native';
import { changeSettings, editCalendar, removeCalendar } from '@/core/commands/calendar';
import { groupedBy } from '@/core/model/collection';
import type { Calendar, CalendarEvent } from '@/core/model/event';
import type { Settings } from '@/core/model/settings';
import { store, useWorkspace } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { chooseCalendarFile } from '@/ui/files/chooseFile';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { ScreenHead, ScrollScreen } from '@/ui/Screen';
import { openSheet } from '@/ui/sheets';
import { Heading, Words } from '@/ui/Words';
import { WorkingHours } from './WorkingHours';
import { YourData } from './YourData';

const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

const change = (changes: Partial<Settings>) => store.run(changeSettings, changes);

/** Calendars, working hours, looks, and where the data lives. `onFreshDemo` makes the demo data anew. */
export function SettingsScreen({ onFreshDemo }: { onFreshDemo: () => void }) {
  const { settings, calendars } = useWorkspace();
  return (
    <ScrollScreen>
      <ScreenHead title="Settings" />
      <Part title="Calendars">
        {calendars.values().map((calendar) => (
          <CalendarRow key={calendar.id} calendar={calendar} />
        ))}
        <Words tone="soft">
          Choose a calendar file (.ics), or drop one anywhere on this window. The same file again changes
          nothing; a newer one brings what changed and takes away what it no longer has.
        </Words>
        <View className="flex-row flex-wrap gap-2">
          <Button
            label="Choose a calendar file"
            icon="calendar"
            kind="primary"
            onPress={chooseCalendarFile}
          />
          <Button label="Export as a calendar file…" onPress={() => openSheet({ kind: 'exportCalendar' })} />
        </View>
      </Part>
      <Part title="Working hours">
        <WorkingHours />
        <Choice
          label="The week begins on"
          value={String(settings.weekStart)}
          onChoose={(day) => change({ weekStart: Number(day) })}
          options={weekdays.map((name, i) => ({ value: String(i + 1), name }))}
        />
      </Part>
      <Part title="Looks">
        <Choice
          label="Colours"
          value={settings.theme}
          onChoose={(theme) => change({ theme })}
          options={[
            { value: 'system', name: 'As the device' },
            { value: 'light', name: 'Light' },
            { value: 'dark', name: 'Dark' },
          ]}
        />
        <Choice
          label="Clock"
          value={String(settings.clock) as '12' | '24'} // the two values that a clock has
          onChoose={(clock) => change({ clock: clock === '12' ? 12 : 24 })}
          options={[
            { value: '24', name: '14:30' },
            { value: '12', name: '2:30 pm' },
          ]}
        />
      </Part>
      <Part title="Lists">
        <View className="flex-row">
          <Button label="Edit lists…" onPress={() => openSheet({ kind: 'lists' })} />
        </View>
      </Part>
      <Part title="Your data">
        <YourData onFreshDemo={onFreshDemo} />
      </Part>
    </ScrollScreen>
  );
}

const Part = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <View className="gap-3 border-t border-line pt-4">
    <Heading level={2}>{title}</Heading>
    {children}
  </View>
);

const eventsOf = groupedBy<CalendarEvent>(({ calendarId }) => calendarId);

function CalendarRow({ calendar }: { calendar: Calendar }) {
  const { id, name, source, hidden = false, around = false } = calendar;
  const count = eventsOf(useWorkspace().events, id).length;
  return (
    <View className={`hue-${calendar.hue} flex-row items-start gap-2 border-l-4 border-edge pl-3`}>
      <View className="flex-1">
        <Field
          label={`${source || 'Made here'} · ${count} ${count === 1 ? 'event' : 'events'}`}
          text={name}
          read={readTitle}
          onSave={(to) => store.run(editCalendar, { id, name: to })}
        />
        <View className="flex-row flex-wrap gap-x-5">
          <CheckBox
            label="Shown"
            says={`Shown: ${name}`}
            checked={!hidden}
            onToggle={() => store.run(editCalendar, { id, hidden: !hidden })}
          />
          <CheckBox
            label="Takes my time"
            says={`Takes my time: ${name}`}
            checked={!around}
            onToggle={() => store.run(editCalendar, { id, around: !around })}
          />
        </View>
      </View>
      <IconButton
        label={`Remove the calendar ${name}`}
        icon="remove"
        onPress={() => store.run(removeCalendar, { id }, `Removed ${name} and its ${count} events`)}
      />
    </View>
  );
}
