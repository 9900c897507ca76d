import { View } from 'react-native';
import type { ChecklistItem, Counted } from '@/core/model/day';
import { newId } from '@/state/workspaceStore';
import { IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field, type Reading } from '@/ui/Field';
import { quoted, readTitle } from '@/ui/readings';
import { Subheading } from '@/ui/Words';
import { WeekdaysOrAll } from '@/panels/parts/Weekdays';

type LineProps = {
  label: string;
  text: string;
  /** What the button that takes the line away says. */
  deletes: string;
  onSave: (text: string) => boolean;
  onDelete: () => void;
};

/** A line of a list of one's own, which can be reworded and taken away. */
export function OwnLine({ label, text, deletes, onSave, onDelete }: LineProps) {
  return (
    <View className="flex-row items-end gap-2">
      <View className="min-w-0 flex-1">
        <Field label={label} hideLabel text={text} read={readTitle} onSave={onSave} />
      </View>
      <IconButton label={deletes} icon="remove" colour="ink-soft" onPress={onDelete} />
    </View>
  );
}

type ChecklistProps = {
  items: readonly ChecklistItem[];
  onChange: (items: readonly ChecklistItem[]) => boolean;
};

/** The lines of the checklist, each for the opening or the close, on some weekdays or every day. */
export function Checklist({ items, onChange }: ChecklistProps) {
  const changed = (id: string, changes: Partial<ChecklistItem>) =>
    onChange(items.map((item) => (item.id === id ? { ...item, ...changes } : item)));
  return (
    <View role="group" aria-label="Checklist" className="gap-3">
      <Subheading>Checklist</Subheading>
      {items.map((item) => (
        <View key={item.id} className="gap-1 border-b border-line pb-3">
          <OwnLine
            label={`Line: ${item.text}`}
            text={item.text}
            deletes={`Delete the line ${item.text}`}
            onSave={(text) => changed(item.id, { text })}
            onDelete={() => onChange(items.filter(({ id }) => id !== item.id))}
          />
          <Choice
            label={`When: ${item.text}`}
            hideLabel
            value={item.at}
            onChoose={(at) => changed(item.id, { at })}
            options={[
              { value: 'opening', name: 'At the opening' },
              { value: 'close', name: 'At the close' },
            ]}
          />
          <WeekdaysOrAll of={item.text} days={item.days} onChange={(days) => changed(item.id, { days })} />
        </View>
      ))}
      <Field
        label="New line of the checklist"
        text=""
        adding
        read={readTitle}
        placeholder="Timesheet"
        onSave={(text) => onChange([...items, { id: newId(), text, at: 'close', days: [] }])}
      />
    </View>
  );
}

const readTarget = (typed: string): Reading<number | null> => {
  const text = typed.trim().replace(',', '.');
  if (text === '') return { value: null };
  const target = Number(text);
  return Number.isFinite(target) ? { value: target } : { problem: `${quoted(typed)} is no number. Try 12.` };
};

type CountedProps = {
  counted: readonly Counted[];
  onChange: (counted: readonly Counted[]) => boolean;
};

/** What is counted every day: its name, its kind, and what one means to reach. */
export function CountedList({ counted, onChange }: CountedProps) {
  const changed = (id: string, changes: Partial<Counted>) =>
    onChange(counted.map((one) => (one.id === id ? { ...one, ...changes } : one)));
  return (
    <View role="group" aria-label="Numbers of your own" className="gap-3">
      <Subheading>Numbers of your own</Subheading>
      {counted.map((one) => (
        <View key={one.id} className="gap-2 border-b border-line pb-3">
          <OwnLine
            label={`Name of ${one.name}`}
            text={one.name}
            deletes={`Delete ${one.name}`}
            onSave={(name) => changed(one.id, { name })}
            onDelete={() => onChange(counted.filter(({ id }) => id !== one.id))}
          />
          <Choice
            label={`Kind of ${one.name}`}
            hideLabel
            value={one.kind}
            onChoose={(kind) => changed(one.id, { kind })}
            options={[
              { value: 'number', name: 'A number' },
              { value: 'minutes', name: 'A length' },
              { value: 'yesNo', name: 'Yes or no' },
            ]}
          />
          {one.kind !== 'yesNo' && (
            <View className="flex-row gap-3">
              {one.kind === 'number' && (
                <View className="flex-1">
                  <Field
                    label={`Unit of ${one.name}`}
                    text={one.unit}
                    read={(typed) => ({ value: typed.trim().slice(0, 40) })}
                    placeholder="samples"
                    onSave={(unit) => changed(one.id, { unit })}
                  />
                </View>
              )}
              <View className="flex-1">
                <Field
                  label={`Meant a day${one.kind === 'minutes' ? ', minutes' : ''}: ${one.name}`}
                  text={one.target === null ? '' : String(one.target)}
                  read={readTarget}
                  placeholder="12"
                  onSave={(target) => changed(one.id, { target })}
                />
              </View>
            </View>
          )}
        </View>
      ))}
      <Field
        label="Something new to count"
        text=""
        adding
        read={readTitle}
        placeholder="Samples counted"
        onSave={(name) =>
          onChange([...counted, { id: newId(), name, kind: 'number', unit: '', target: null }])
        }
      />
    </View>
  );
}
