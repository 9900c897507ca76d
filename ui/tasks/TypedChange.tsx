import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { readChange, type Hours } from '@/core/capture/readChange';
import { MINUTE } from '@/core/time/span';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { Words } from '../Words';

/** New hours by a few typed words, shown before Enter makes them count. */
export function TypedChange({ hours, onChange }: { hours: Hours; onChange: (hours: Hours) => void }) {
  const { clock } = useWorkspace().settings;
  const [typed, setTyped] = useState('');
  const found = readChange(typed, hours, session.now(), session.zone);
  const at = (instant: number) => clockWords(instant, session.zone, clock);
  const said = found
    ? `${dateWords(dateOf(found.start, session.zone))}, ${at(found.start)} – ${at(found.start + found.minutes * MINUTE)} · ${durationWords(found.minutes)}. Enter takes it.`
    : typed.trim() === ''
      ? '14:00 1h, +30m, tomorrow 9'
      : `“${typed}” cannot be read. Try 14:00 1h, +30m or tomorrow 9.`;
  return (
    <View className="gap-1">
      <Words size="xs" tone="soft">
        Change the hours
      </Words>
      <TextInput
        aria-label="Change the hours"
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={() => {
          if (!found) return;
          setTyped('');
          onChange(found);
        }}
        className="min-h-[44px] rounded-lg border border-line bg-surface px-3 font-text text-base text-ink"
      />
      <Words aria-live="polite" size="xs" tone={found ? 'pine' : typed.trim() === '' ? 'soft' : 'brick'}>
        {said}
      </Words>
    </View>
  );
}
