import { View } from 'react-native';
import { addCalendar, editCalendar, removeCalendar } from '@/core/commands/calendar';
import { groupedBy } from '@/core/model/collection';
import { Hue } from '@/core/model/common';
import { ACCOUNT, takesTime, TRACKER, type Calendar, type CalendarEvent } from '@/core/model/event';
import type { Task } from '@/core/model/task';
import { SOURCE } from '@/core/outside/feed';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { NamedRow } from '@/panels/parts/NamedRow';
import { CheckBox } from '@/ui/CheckBox';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { FeedLine } from './outside/FeedLine';
import { ShelfLine } from './outside/ShelfLine';
import { TheirHours } from './outside/TheirHours';

/** The calendars as layers: name, hue, shown or not, one's own or another person's, and whether it takes time; and new ones. */
export function Calendars() {
  const { calendars } = useWorkspace();
  const hue = Hue.options[(calendars.size + 3) % Hue.options.length] ?? 'fern';
  return (
    <View className="gap-5">
      {calendars.values().map((calendar) => (
        <CalendarRow key={calendar.id} calendar={calendar} />
      ))}
      <Field
        label="New calendar of your own"
        text=""
        read={readTitle}
        adding
        placeholder="Volunteers"
        onSave={(name) =>
          store.run(
            addCalendar,
            { id: newId(), name, source: '', hue, kept: [] },
            `Added the calendar ${name}`,
          )
        }
      />
    </View>
  );
}

/** What a source that is no file is called. */
const sourceWords: Readonly<Record<string, string>> = {
  '': 'Made here',
  [SOURCE]: 'Subscribed to',
  [ACCOUNT]: 'In an account, both ways',
  [TRACKER]: 'Tasks of an account',
};

const eventsOf = groupedBy<CalendarEvent>(({ calendarId }) => calendarId);
const tasksIn = groupedBy<Task>(({ origin }) => origin?.calendarId ?? '');

function CalendarRow({ calendar }: { calendar: Calendar }) {
  const { id, name, source, around = false } = calendar;
  const { events, tasks } = useWorkspace();
  const holdsTasks = source === TRACKER;
  const count = holdsTasks ? tasksIn(tasks, id).length : eventsOf(events, id).length;
  const counted = `${count} ${holdsTasks ? 'task' : 'event'}${count === 1 ? '' : 's'}`;
  const edit = (changes: Omit<Parameters<typeof editCalendar.apply>[1], 'id'>) =>
    store.run(editCalendar, { id, ...changes });
  return (
    <NamedRow
      label={`Name of the calendar ${name}`}
      hideLabel
      about={`${sourceWords[source] ?? source} · ${counted}`}
      name={name}
      hue={calendar.hue}
      onChange={edit}
      remove={{
        label: `Remove the calendar ${name}`,
        press: () =>
          store.run(
            removeCalendar,
            { id },
            holdsTasks ? `Removed ${name}; its tasks stay` : `Removed ${name} and its ${count} events`,
          ),
      }}
    >
      {!holdsTasks && <Layer calendar={calendar} onChange={edit} />}
      {around && <TheirHours calendar={calendar} onChange={(hours) => edit({ hours })} />}
      <FeedLine calendar={calendar} />
      <ShelfLine calendar={calendar} />
    </NamedRow>
  );
}

type LayerProps = {
  calendar: Calendar;
  onChange: (changes: Pick<Partial<Calendar>, 'hidden' | 'takesTime' | 'around'>) => void;
};

/** How a calendar lies over the others: shown or not, whether it takes time, and whose it is. */
function Layer({ calendar, onChange }: LayerProps) {
  const { name, hidden = false, around = false } = calendar;
  return (
    <View className="flex-row flex-wrap gap-x-5">
      <CheckBox
        label="Shown"
        says={`Shown: ${name}`}
        checked={!hidden}
        onToggle={() => onChange({ hidden: !hidden })}
      />
      <CheckBox
        label="Takes my time"
        says={`Takes my time: ${name}`}
        checked={takesTime(calendar)}
        onToggle={() => onChange({ takesTime: !takesTime(calendar) })}
      />
      <CheckBox
        label="Another person’s"
        says={`Another person’s: ${name}`}
        checked={around}
        onToggle={() => onChange({ around: !around })}
      />
    </View>
  );
}
