import { View } from 'react-native';
import { askToNotify, tryReminder, usePermission } from '@/actions/reminders';
import { LeadsField } from '@/board/LeadsField';
import type { Leads, Reminders, RoutineHour } from '@/core/model/reminder';
import { timeWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Field, type Reading } from '@/ui/Field';
import { readClock } from '@/ui/readings';
import { Part } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { Weekdays } from '@/panels/parts/Weekdays';
import type { Permission } from '@/ui/notifications';

type Props = { reminders: Reminders; onChange: (reminders: Reminders) => boolean };

const kinds = [
  ['blocks', 'Before blocks'],
  ['meetings', 'Before meetings'],
  ['due', 'Before due times'],
] as const;

const routines = [
  ['opening', 'Opening of the day'],
  ['close', 'Close of the day'],
] as const;

/** What one is reminded of, and how. */
export function RemindersPart({ reminders, onChange }: Props) {
  return (
    <Part title="Reminders">
      <Words tone="soft">
        How long before, several by commas: 10 min, 1 day. A category, a task or a meeting may say otherwise.
        Sleep and guarded zones stay quiet, but for the next meeting.
      </Words>
      {kinds.map(([kind, label]) => (
        <LeadsField
          key={kind}
          label={label}
          leads={reminders[kind].length > 0 ? reminders[kind] : undefined}
          onSave={(leads: Leads | undefined) => onChange({ ...reminders, [kind]: leads ?? [] })}
        />
      ))}
      {routines.map(([kind, label]) => (
        <Routine
          key={kind}
          label={label}
          routine={reminders[kind]}
          onChange={(routine) => onChange({ ...reminders, [kind]: routine })}
        />
      ))}
      <CheckBox
        label="A tone is heard"
        checked={reminders.sound}
        onToggle={() => onChange({ ...reminders, sound: !reminders.sound })}
      />
      <Notifications />
    </Part>
  );
}

/** Reads the hour of a routine; null for never. */
export const readHour = (typed: string): Reading<string | null> =>
  /^(|never|off)$/i.test(typed.trim()) ? { value: null } : readClock(typed);

type RoutineProps = {
  label: string;
  routine: RoutineHour | null;
  onChange: (routine: RoutineHour | null) => boolean;
};

const WORKDAYS = [1, 2, 3, 4, 5];

/** The hour of a routine, and its weekdays. */
function Routine({ label, routine, onChange }: RoutineProps) {
  const { clock } = useWorkspace().settings;
  return (
    <View className="gap-1">
      <Field
        label={label}
        text={routine ? timeWords(routine.time, clock) : ''}
        placeholder="never"
        read={readHour}
        onSave={(time) => {
          if (time !== null) void askToNotify();
          return onChange(time === null ? null : { days: WORKDAYS, ...routine, time });
        }}
      />
      {routine && (
        <Weekdays of={label} days={routine.days} onChange={(days) => onChange({ ...routine, days })} />
      )}
    </View>
  );
}

const permissionWords: Record<Permission, string> = {
  granted: 'While Sprindle is open in a tab, reminders are shown by the browser, too.',
  default: 'Reminders are shown within Sprindle only, until the browser is allowed to show them.',
  denied:
    'The browser is told not to show notifications of Sprindle: its settings for this page allow them again. Until then reminders are shown within Sprindle.',
  missing: 'This browser shows no notifications. Reminders are shown within Sprindle.',
};

/** Whether the browser shows reminders, and a way to try one. */
function Notifications() {
  const permission = usePermission();
  return (
    <View className="gap-2">
      <Words tone="soft">
        {permissionWords[permission]} A closed browser cannot ring: export your plan as a calendar file, and a
        phone’s own calendar rings for its blocks.
      </Words>
      <View className="flex-row flex-wrap gap-2">
        {permission === 'default' && (
          <Button label="Allow notifications…" onPress={() => void askToNotify()} />
        )}
        <Button label="Try a reminder" kind="quiet" onPress={tryReminder} />
      </View>
    </View>
  );
}
