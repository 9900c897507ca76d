import { View } from 'react-native';
import { count } from '@/actions/day';
import { readCounted } from '@/core/capture/readCounted';
import type { Counted } from '@/core/model/day';
import { numberWords } from '@/core/plan/routines';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Choice } from '@/ui/Choice';
import { Field, type Reading } from '@/ui/Field';
import { quoted } from '@/ui/readings';
import { Words } from '@/ui/Words';

/** The numbers of one's own on a day, to enter. */
export function DayNumbers({ date }: { date: string }) {
  const { days, settings } = useWorkspace();
  const values = days.get(date)?.numbers ?? [];
  const { counted } = settings.routines;
  if (counted.length === 0)
    return (
      <Words tone="soft">
        Nothing is counted yet. Settings, under Opening, close and weekly review, takes what you count:
        samples, pages, a walk.
      </Words>
    );
  return (
    <View className="gap-3">
      {counted.map((one) => (
        <Entered
          key={one.id}
          of={one}
          value={values.find(({ of }) => of === one.id)?.value}
          onSave={(value) => count(date, one.id, value)}
        />
      ))}
    </View>
  );
}

const readNumber =
  (of: Counted) =>
  (typed: string): Reading<number | null> => {
    const value = readCounted(of, typed);
    return value === undefined
      ? { problem: `${quoted(typed)} is no ${of.kind === 'minutes' ? 'length. Try 45m' : 'number. Try 12'}.` }
      : { value };
  };

type EnteredProps = {
  of: Counted;
  value: number | undefined;
  onSave: (value: number | null) => boolean;
};

function Entered({ of, value, onSave }: EnteredProps) {
  const { name, kind, unit, target } = of;
  const aim = target === null ? '' : `, ${numberWords(of, target)} is meant`;
  if (kind === 'yesNo')
    return (
      <Choice
        label={name}
        value={value === undefined ? '' : value > 0 ? 'yes' : 'no'}
        onChoose={(said) => onSave(said === 'yes' ? 1 : said === 'no' ? 0 : null)}
        options={[
          { value: 'yes', name: 'Yes' },
          { value: 'no', name: 'No' },
          { value: '', name: 'Not said' },
        ]}
      />
    );
  return (
    <Field
      label={`${name}${unit && kind === 'number' ? ` (${unit})` : ''}${aim}`}
      text={value === undefined ? '' : kind === 'minutes' ? durationWords(value) : String(value)}
      read={readNumber(of)}
      placeholder={kind === 'minutes' ? '45m' : '12'}
      onSave={onSave}
    />
  );
}
