import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { Pressable, View } from 'react-native';
import { isTaken, keyOf, keys } from '@/board/keyTable';
import { changeSettings } from '@/core/commands/calendar';
import type { Filter } from '@/core/model/settings';
import { conditionWords, noConditions, type Conditions } from '@/core/tasks/filter';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { elementOf } from '@/ui/dom';
import { Field } from '@/ui/Field';
import { isCovered } from '@/ui/panels';
import { readEstimate, readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';

const dues = [
  { value: 'any', name: 'Any' },
  { value: 'overdue', name: 'Overdue' },
  { value: 'today', name: 'By tonight' },
  { value: 'week', name: 'This week' },
  { value: 'nextWeek', name: 'Next week' },
  { value: 'none', name: 'No date' },
] as const;

const estimates = [
  { value: 'any', name: 'Any' },
  { value: 'some', name: 'With one' },
  { value: 'none', name: 'Without' },
] as const;

type Props = {
  value: Conditions | null;
  onChange: (conditions: Conditions | null) => void;
  /** Out of sight, until they are asked for. */
  hidden?: boolean;
  onAsked?: () => void;
};

const isSame = (a: Conditions | null, b: Conditions): boolean =>
  a !== null && conditionWords(a) === conditionWords(b);

/** Saved filters to press, and the conditions of a new one. */
export function FilterRow({ value, onChange, hidden = false, onAsked }: Props) {
  const { filters } = useWorkspace().settings;
  const [opened, setOpened] = useState(false);
  /** How many times the conditions were asked for by key. */
  const [asked, setAsked] = useState(0);
  // the key answers as soon as the row is drawn
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTaken(event) || isCovered() || keyOf(event) !== keys.inTheTasks.narrow) return;
      event.preventDefault();
      onAsked?.();
      setOpened(true);
      setAsked((times) => times + 1);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onAsked]);
  if (hidden) return null;
  return (
    <View className="gap-2">
      <View role="group" aria-label="Filters" className="flex-row flex-wrap gap-2">
        {filters.map((filter) => {
          const on = isSame(value, filter);
          return (
            <Pressable
              key={filter.id}
              role="button"
              aria-pressed={on}
              onPress={() => onChange(on ? null : filter)}
              className={`min-h-[44px] justify-center rounded-lg border bg-surface px-3 hover:border-ink-soft ${on ? 'border-b-4 border-pine' : 'border-line'}`}
            >
              <Words face={on ? 'strong' : 'text'}>{filter.name}</Words>
            </Pressable>
          );
        })}
        <Button
          label={opened ? 'Close the filter' : 'Filter…'}
          kind="quiet"
          onPress={() => setOpened(!opened)}
        />
        {value && <Button label="Show all" kind="quiet" onPress={() => onChange(null)} />}
      </View>
      {opened && (
        <FilterFields value={value ?? noConditions} onChange={onChange} filters={filters} asked={asked} />
      )}
    </View>
  );
}

type FieldsProps = {
  value: Conditions;
  onChange: (conditions: Conditions | null) => void;
  filters: readonly Filter[];
  asked: number;
};

/** The conditions, each narrowing the list at once, and the name to keep them under. */
function FilterFields({ value, onChange, filters, asked }: FieldsProps) {
  const fields = useRef<View>(null);
  useEffect(() => {
    const first = elementOf(fields.current)?.querySelector<HTMLElement>('[role=radio][tabindex="0"]');
    if (asked > 0) first?.focus();
  }, [asked]);
  const change = (part: Partial<Conditions>) => onChange({ ...value, ...part });
  const words = conditionWords(value);
  const kept = filters.find((filter) => isSame(value, filter));
  const save = (name: string) => {
    const { due, unplaced, estimate, upTo, important } = value;
    const filter = { id: newId(), name, due, unplaced, estimate, upTo, important };
    return store.run(changeSettings, { filters: [...filters, filter] }, `Kept the filter ${name}`);
  };
  const forget = ({ id, name }: Filter) =>
    store.run(
      changeSettings,
      { filters: filters.filter((filter) => filter.id !== id) },
      `Forgot the filter ${name}`,
    );
  return (
    <View ref={fields} className="gap-3 border-l-4 border-line pl-3">
      <Choice label="Due" value={value.due} onChoose={(due) => change({ due })} options={dues} />
      <Choice
        label="Estimate"
        value={value.estimate}
        onChoose={(estimate) => change({ estimate })}
        options={estimates}
      />
      <View className="flex-row flex-wrap items-end gap-3">
        <View className="w-[130px]">
          <Field
            label="Estimate up to"
            text={value.upTo === null ? '' : durationWords(value.upTo)}
            read={readEstimate}
            placeholder="15m"
            onSave={(upTo) => change({ upTo })}
          />
        </View>
        <CheckBox
          label="No place in the plan yet"
          checked={value.unplaced}
          onToggle={() => change({ unplaced: !value.unplaced })}
        />
        <CheckBox
          label="High or urgent only"
          checked={value.important}
          onToggle={() => change({ important: !value.important })}
        />
      </View>
      {kept ? (
        <View className="flex-row">
          <Button label={`Forget the filter ${kept.name}`} onPress={() => forget(kept)} />
        </View>
      ) : (
        words !== '' && (
          <Field label="Keep it as" text="" read={readTitle} adding placeholder={words} onSave={save} />
        )
      )}
    </View>
  );
}
