import { View } from 'react-native';
import { findDuration } from '@/core/capture/readDuration';
import { readTime } from '@/core/capture/readTime';
import { clockOf, minutesOfClock } from '@/core/time/wall';
import { durationWords } from '@/core/time/words';
import { IconButton } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { readEstimate, readLength, readTitle } from '@/ui/readings';
import { Subheading } from '@/ui/Words';
import { TimeField } from '../parts/TimeField';

/** A line of a list: its words, and the hour and the length (minutes) where such lines have those. */
export type Line = { readonly title: string; readonly at?: string; readonly minutes?: number | null };

type Props<T> = {
  /** What the list is, and an example of a line that is added. */
  name: string;
  example: string;
  items: readonly T[];
  lineOf: (item: T) => Line;
  /** An item with what its line says now; of a new one there is only the line. */
  itemOf: (line: Line, item?: T) => T;
  onChange: (items: readonly T[]) => boolean | string | void;
};

/** The lines of a template, each changed, taken away and added one by one. */
export function Lines<T>({ name, example, items, lineOf, itemOf, onChange }: Props<T>) {
  const set = (item: T, changes: Partial<Line>) =>
    onChange(items.map((one) => (one === item ? itemOf({ ...lineOf(one), ...changes }, one) : one)));
  return (
    <View role="group" aria-label={name} className="gap-2">
      <Subheading>{name}</Subheading>
      {items.map((item, i) => {
        const { title, at, minutes } = lineOf(item);
        const of = `${title}, ${i + 1}`;
        return (
          <View key={i} className="flex-row flex-wrap items-end gap-2">
            {at !== undefined && (
              <View className="w-20">
                <TimeField
                  label={`Hour of ${of}`}
                  hideLabel
                  value={minutesOfClock(at)}
                  onChange={(to) => set(item, { at: clockOf(to) })}
                />
              </View>
            )}
            <View className="min-w-[9rem] flex-1">
              <Field
                label={`Line: ${of}`}
                hideLabel
                wraps
                text={title}
                read={readTitle}
                onSave={(to) => set(item, { title: to })}
              />
            </View>
            {minutes !== undefined && (
              <View className="w-20">
                <Field
                  label={`Length of ${of}`}
                  hideLabel
                  text={minutes === null ? '' : durationWords(minutes)}
                  read={at === undefined ? readEstimate : (typed: string) => readLength(typed)}
                  onSave={(to: number | null) => set(item, { minutes: to })}
                />
              </View>
            )}
            <IconButton
              label={`Delete the line ${of}`}
              icon="remove"
              colour="ink-soft"
              onPress={() => void onChange(items.filter((one) => one !== item))}
            />
          </View>
        );
      })}
      <Field
        label={`New line: ${name}`}
        text=""
        adding
        read={readTitle}
        placeholder={example}
        onSave={(typed) => onChange([...items, itemOf(lineSaid(typed))])}
      />
    </View>
  );
}

/** What a typed line says: `09:00 Grant report 1h30`, its hour and its length where it tells them. */
function lineSaid(typed: string): Line {
  const [first = ''] = typed.split(' ');
  const at = first.includes(':') ? readTime(first) : undefined;
  const rest = at === undefined ? typed : typed.slice(first.length).trim();
  const length = findDuration(rest);
  const title = length ? `${rest.slice(0, length.from)}${rest.slice(length.to)}`.trim() : rest;
  return { title: title || typed, minutes: length?.value ?? null, ...(at === undefined ? {} : { at }) };
}
