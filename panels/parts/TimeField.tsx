import { clockOf, minutesOfClock } from '@/core/time/wall';
import { timeWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Field } from '@/ui/Field';
import { readClock } from '@/ui/readings';

type Props = {
  label: string;
  /** Minutes after midnight. */
  value: number;
  onChange: (minutes: number) => boolean | string | void;
  hideLabel?: boolean;
};

/** A time of day, kept as minutes after midnight. */
export function TimeField({ label, value, onChange, hideLabel = false }: Props) {
  const { clock } = useWorkspace().settings;
  return (
    <Field
      label={label}
      hideLabel={hideLabel}
      text={timeWords(clockOf(value), clock)}
      read={readClock}
      onSave={(time) => onChange(minutesOfClock(time))}
    />
  );
}
