import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Findings } from '@/board/Findings';
import type { Finding } from '@/core/plan/judge';
import type { Reading } from '@/ui/Field';
import { Words } from '@/ui/Words';

type Props<T> = {
  label: string;
  /** What can be typed, by example. */
  examples: string;
  read: (typed: string) => Reading<T>;
  /** What the value would mean, in words and as findings. */
  meaning: (value: T) => { readonly words: string; readonly findings: readonly Finding[] };
  onTake: (value: T) => void;
};

/** A few typed words whose meaning is shown before Enter makes it count. */
export function TypedLine<T>({ label, examples, read, meaning, onTake }: Props<T>) {
  const [typed, setTyped] = useState('');
  const blank = typed.trim() === '';
  const reading = blank ? null : read(typed);
  const value = reading && 'value' in reading ? reading : null;
  const meant = value && meaning(value.value);
  const words = meant
    ? `${meant.words}. Enter takes it.`
    : reading && 'problem' in reading
      ? reading.problem
      : examples;
  return (
    <View className="gap-1">
      <Words size="xs" tone="soft">
        {label}
      </Words>
      <TextInput
        // submitBehavior is not known to React Native for Web
        blurOnSubmit={false}
        aria-label={label}
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={() => {
          if (!value) return;
          setTyped('');
          onTake(value.value);
        }}
        className="min-h-[44px] rounded-lg border border-field bg-surface px-3 font-text text-base text-ink"
      />
      <View aria-live="polite" className="gap-0.5">
        <Words size="xs" tone={meant ? 'pine' : blank ? 'soft' : 'brick'}>
          {words}
        </Words>
        {meant && <Findings findings={meant.findings} />}
      </View>
    </View>
  );
}
