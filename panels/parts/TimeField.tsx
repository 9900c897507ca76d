import { minutesNear } from '@/core/capture/minutesNear';
import { clockOf } from '@/core/time/wall';
import { timeWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Field, type Reading } from '@/ui/Field';
import { quoted } from '@/ui/readings';

type Props = {
  label: string;
  /** Minutes after midnight. */
  value: number;
  onChange: (minutes: number) => boolean | string | void;
  hideLabel?: boolean;
};

const readNear =
  (value: number) =>
  (typed: string): Reading<number> => {
    const minutes = minutesNear(typed, value);
    return minutes === undefined
      ? { problem: `${quoted(typed)} is no time of day. Try 9, 14:30, 2pm or half two.` }
      : { value: minutes };
  };

/** A time of day, kept as minutes after midnight. */
export function TimeField({ label, value, onChange, hideLabel = false }: Props) {
  const { clock } = useWorkspace().settings;
  return (
    <Field
      label={label}
      hideLabel={hideLabel}
      text={timeWords(clockOf(value), clock)}
      read={readNear(value)}
      onSave={onChange}
    />
  );
}
