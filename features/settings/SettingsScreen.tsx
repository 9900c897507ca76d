import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { changeSettings } from '@/core/commands/calendar';
import type { Settings } from '@/core/model/settings';
import { weekdayNames } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { chooseCalendarFile } from '@/actions/files/chooseFile';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readAddresses } from '@/ui/readings';
import { Part, ScreenHead, ScrollScreen } from '@/ui/Screen';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Buffers } from './Buffers';
import { Calendars } from './Calendars';
import { RemindersPart } from './RemindersPart';
import { RoutinesPart } from './RoutinesPart';
import { MailboxButton } from './outside/MailboxSettings';
import { YourData } from './YourData';

const change = (changes: Partial<Settings>) => store.run(changeSettings, changes);

/** Calendars, working hours, looks, and where the data lives. `onFreshDemo` makes the demo data anew. */
export function SettingsScreen({ onFreshDemo }: { onFreshDemo: () => void }) {
  const router = useRouter();
  const { settings } = useWorkspace();
  return (
    <ScrollScreen>
      <ScreenHead title="Settings" />
      <Part title="Calendars">
        <Calendars />
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
          <Button label="Subscribe to a calendar…" onPress={() => openPanel({ kind: 'subscribe' })} />
          <Button label="Connect an account…" onPress={() => openPanel({ kind: 'connect' })} />
          <MailboxButton />
          <Button label="Pages to book from…" onPress={() => openPanel({ kind: 'bookingPages' })} />
          <Button label="Give free times…" onPress={() => openPanel({ kind: 'freeTimes' })} />
          <Button label="Export as a calendar file…" onPress={() => openPanel({ kind: 'exportCalendar' })} />
        </View>
        <Field
          label="Your own addresses"
          text={settings.addresses.join(', ')}
          read={readAddresses}
          placeholder="petra.holm@trust.example"
          wraps
          onSave={(addresses) => change({ addresses })}
        />
        <Words tone="soft">
          By these you are known in invitations: Review tells whom you meet, and which meetings are one to
          one, without you.
        </Words>
        <View className="flex-row">
          <Button label="People…" onPress={() => openPanel({ kind: 'people' })} />
          <Button label="Requests…" onPress={() => openPanel({ kind: 'requests' })} />
        </View>
      </Part>
      <Part title="The week">
        <Words tone="soft">
          What kind of time each hour of the week is: work, meals, sleep and the rest. Every day is measured
          by it.
        </Words>
        <View className="flex-row">
          <Button label="Frame of the week…" icon="frame" onPress={() => router.navigate('/frame')} />
        </View>
        <Choice
          label="The week begins on"
          value={String(settings.weekStart)}
          onChoose={(day) => change({ weekStart: Number(day) })}
          options={weekdayNames.map((name, i) => ({ value: String(i + 1), name }))}
        />
      </Part>
      <Buffers rules={settings.buffers} onChange={(buffers) => change({ buffers })} />
      <RemindersPart reminders={settings.reminders} onChange={(reminders) => change({ reminders })} />
      <RoutinesPart routines={settings.routines} onChange={(routines) => change({ routines })} />
      <Part title="Looks">
        <Choice
          label="Colours"
          value={settings.theme}
          onChoose={(theme) => change({ theme })}
          options={[
            { value: 'system', name: 'Same as the device' },
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
        <Choice
          label="Dates"
          value={settings.dates}
          onChoose={(dates) => change({ dates })}
          options={[
            { value: 'dayFirst', name: 'Tue 24 Nov, 24/11' },
            { value: 'monthFirst', name: 'Tue, Nov 24, 11/24' },
          ]}
        />
      </Part>
      <Part title="Lists, categories, templates">
        <View className="flex-row flex-wrap gap-2">
          <Button label="Edit lists…" onPress={() => openPanel({ kind: 'lists' })} />
          <Button label="Edit categories…" onPress={() => openPanel({ kind: 'categories' })} />
          <Button label="Edit templates…" onPress={() => openPanel({ kind: 'templates' })} />
        </View>
      </Part>
      <Part title="Help">
        <CheckBox
          label="Single letters and digits are keys (L, W, 1 …)"
          checked={settings.letterKeys}
          onToggle={() => change({ letterKeys: !settings.letterKeys })}
        />
        <View className="flex-row flex-wrap gap-2">
          <Button label="All keys…" onPress={() => openPanel({ kind: 'keys' })} />
          <Button label="What the words mean…" onPress={() => openPanel({ kind: 'terms' })} />
          <Button label="Recent notices…" onPress={() => openPanel({ kind: 'said' })} />
        </View>
      </Part>
      <Part title="Your data">
        <YourData onFreshDemo={onFreshDemo} />
      </Part>
    </ScrollScreen>
  );
}
