import { View } from 'react-native';
import { changeSettings, editCalendar, removeCalendar } from '@/core/commands/calendar';
import { groupedBy } from '@/core/model/collection';
import type { Calendar, CalendarEvent } from '@/core/model/event';
import type { Settings } from '@/core/model/settings';
import { addressOfSpace, session } from '@/state/session';
import { store, useWorkspace } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { chooseCalendarFile, chooseWorkspaceFile } from '@/ui/files/chooseFile';
import { exportWorkspace } from '@/ui/files/workspaceFiles';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { ScreenHead, ScrollScreen } from '@/ui/Screen';
import { openSheet } from '@/ui/sheets';
import { Heading, Words } from '@/ui/Words';
import { WorkingHours } from './WorkingHours';

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
          nothing; a newer one brings what changed.
        </Words>
        <View className="flex-row">
          <Button
            label="Choose a calendar file"
            icon="calendar"
            kind="primary"
            onPress={chooseCalendarFile}
          />
        </View>
      </Part>
      <Part title="Working hours">
        <WorkingHours />
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
        <Words tone="soft">
          Everything is kept in this browser only, half a second after each change. Times are shown for{' '}
          {session.zone.replace('_', ' ')}.
        </Words>
        <View className="flex-row flex-wrap gap-2">
          <Button label="Export everything" onPress={exportWorkspace} />
          <Button label="Open an exported file…" onPress={chooseWorkspaceFile} />
        </View>
        <Spaces onFreshDemo={onFreshDemo} />
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
  const { id, name, source } = calendar;
  const count = eventsOf(useWorkspace().events, id).length;
  return (
    <View className={`hue-${calendar.hue} flex-row items-end gap-2 border-l-4 border-edge pl-3`}>
      <View className="flex-1">
        <Field
          label={`${source} · ${count} ${count === 1 ? 'event' : 'events'}`}
          text={name}
          read={readTitle}
          onSave={(to) => store.run(editCalendar, { id, name: to })}
        />
      </View>
      <IconButton
        label={`Remove the calendar ${name}`}
        icon="remove"
        onPress={() => store.run(removeCalendar, { id }, `Removed ${name} and its ${count} events`)}
      />
    </View>
  );
}

/** The demo data and the person's own never mix: each has its own storage. */
function Spaces({ onFreshDemo }: { onFreshDemo: () => void }) {
  const open = (space: string) => {
    void store.flush().then(() => location.assign(addressOfSpace(space)));
  };
  if (session.space !== 'demo') {
    return (
      <View className="flex-row">
        <Button label="Look at the demo office" onPress={() => open('demo')} />
      </View>
    );
  }
  return (
    <View className="gap-3">
      <Words>
        This is the demo: the small office of a river-restoration trust, with made-up people. Your own data
        lies elsewhere and is untouched.
      </Words>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Open my own data" onPress={() => open('own')} />
        <Button label="Start the demo afresh" onPress={onFreshDemo} />
      </View>
    </View>
  );
}
