import { View } from 'react-native';
import { askToNotify } from '@/actions/reminders';
import type { OwnRoutine } from '@/core/model/day';
import { timeWords } from '@/core/time/words';
import { WeekdaysOrAll } from '@/panels/parts/Weekdays';
import { useWorkspace } from '@/state/shown';
import { newId } from '@/state/workspaceStore';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Subheading, Words } from '@/ui/Words';
import { OwnLine } from './OwnLists';
import { readHour } from './RemindersPart';

type Props = {
  routines: readonly OwnRoutine[];
  onChange: (routines: readonly OwnRoutine[]) => boolean;
};

/** Routines of one's own beside opening and close: lines to tick on some weekdays, and the hour at which they are told of. */
export function OwnRoutineList({ routines, onChange }: Props) {
  const changed = (id: string, changes: Partial<OwnRoutine>) =>
    onChange(routines.map((one) => (one.id === id ? { ...one, ...changes } : one)));
  return (
    <View role="group" aria-label="Routines of your own" className="gap-3">
      <Subheading>Routines of your own</Subheading>
      <Words tone="soft">Today has their lines to tick, on the weekdays that you say.</Words>
      {routines.map((routine) => (
        <OneRoutine
          key={routine.id}
          routine={routine}
          onChange={(changes) => changed(routine.id, changes)}
          onDelete={() => onChange(routines.filter(({ id }) => id !== routine.id))}
        />
      ))}
      <Field
        label="New routine"
        text=""
        adding
        read={readTitle}
        placeholder="After fieldwork"
        onSave={(name) => onChange([...routines, { id: newId(), name, days: [], time: null, lines: [] }])}
      />
    </View>
  );
}

type OneProps = {
  routine: OwnRoutine;
  onChange: (changes: Partial<OwnRoutine>) => boolean;
  onDelete: () => void;
};

function OneRoutine({ routine: { name, days, time, lines }, onChange, onDelete }: OneProps) {
  const { clock } = useWorkspace().settings;
  return (
    <View className="gap-2 border-b border-line pb-3">
      <OwnLine
        label={`Name of ${name}`}
        text={name}
        deletes={`Delete ${name}`}
        onSave={(to) => onChange({ name: to })}
        onDelete={onDelete}
      />
      <WeekdaysOrAll of={name} days={days} onChange={(to) => onChange({ days: to })} />
      <Field
        label={`Reminder of ${name}, hour`}
        text={time === null ? '' : timeWords(time, clock)}
        placeholder="never"
        read={readHour}
        onSave={(to) => {
          if (to !== null) void askToNotify();
          return onChange({ time: to });
        }}
      />
      {lines.map((line) => (
        <OwnLine
          key={line.id}
          label={`Line of ${name}: ${line.text}`}
          text={line.text}
          deletes={`Delete the line ${line.text} of ${name}`}
          onSave={(text) =>
            onChange({ lines: lines.map((other) => (other.id === line.id ? { ...other, text } : other)) })
          }
          onDelete={() => onChange({ lines: lines.filter(({ id }) => id !== line.id) })}
        />
      ))}
      <Field
        label={`New line of ${name}`}
        text=""
        adding
        read={readTitle}
        placeholder="Rinse the waders"
        onSave={(text) => onChange({ lines: [...lines, { id: newId(), text }] })}
      />
    </View>
  );
}
