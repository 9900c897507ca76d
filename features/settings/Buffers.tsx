import type { BufferRules } from '@/core/model/settings';
import { durationWords } from '@/core/time/words';
import { Choice } from '@/ui/Choice';
import { Part } from '@/ui/Screen';
import { Words } from '@/ui/Words';

type Props = { rules: BufferRules; onChange: (rules: BufferRules) => void };

const minutesToFree = [0, 5, 10, 15, 30];
const shortest = [0, 30, 60];

/** Minutes as choices, with a chosen number that is not among them. */
const choices = (offered: readonly number[], chosen: number, none: string) =>
  [...new Set([...offered, chosen])]
    .sort((a, b) => a - b)
    .map((minutes) => ({ value: String(minutes), name: minutes === 0 ? none : durationWords(minutes) }));

/** Time that is left free by rule, so that an overrun does not topple the day. */
export function Buffers({ rules, onChange }: Props) {
  const minutes = (label: string, key: 'afterMeetings' | 'afterTravel' | 'betweenKinds') => (
    <Choice
      label={label}
      value={String(rules[key])}
      onChoose={(chosen) => onChange({ ...rules, [key]: Number(chosen) })}
      options={choices(minutesToFree, rules[key], 'None')}
    />
  );
  return (
    <Part title="Buffers">
      <Words tone="soft">
        Time that is left free after what one cannot control. It is drawn hatched, counts in the load, and no
        work is proposed in it.
      </Words>
      {minutes('After meetings', 'afterMeetings')}
      {rules.afterMeetings > 0 && (
        <Choice
          label="After meetings that last at least"
          value={String(rules.meetingsFrom)}
          onChoose={(chosen) => onChange({ ...rules, meetingsFrom: Number(chosen) })}
          options={choices(shortest, rules.meetingsFrom, 'Any length')}
        />
      )}
      {minutes('After travel', 'afterTravel')}
      {minutes('Between different kinds of work', 'betweenKinds')}
    </Part>
  );
}
