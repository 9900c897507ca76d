import { View } from 'react-native';
import { repeatOf, ruleOf, ruleWords, type Repeat } from '@/core/calendar/repeat';
import { weekdaysFrom } from '@/core/time/week';
import { dateWords, shortWeekday } from '@/core/time/words';
import { weekdayOf } from '@/core/time/zone';
import { CheckBox } from '@/ui/CheckBox';
import { useWorkspace } from '@/state/shown';
import { Choice } from '@/ui/Choice';
import { Field, type Reading } from '@/ui/Field';
import { readDue } from '@/ui/dayReadings';
import { Words } from '@/ui/Words';
import { WithMonth } from './WithMonth';

type Props = { rule: string | null; start: string; onRule: (rule: string | null) => boolean };
type Unit = Repeat['unit'] | 'once';

const units: { value: Unit; name: string }[] = [
  { value: 'once', name: 'once' },
  { value: 'day', name: 'by days' },
  { value: 'week', name: 'by weeks' },
  { value: 'month', name: 'by months' },
  { value: 'year', name: 'by years' },
];

const readEvery = (typed: string): Reading<number> => {
  const every = Number(typed);
  return Number.isInteger(every) && every >= 1 && every <= 99
    ? { value: every }
    : { problem: 'Type a number from 1 to 99.' };
};

type End = Pick<Repeat, 'until' | 'count'>;

/** When it ends: a number of times, a day, or never. */
function readEnd(typed: string): Reading<End> {
  const text = typed.trim();
  if (text === '') return { value: { until: null, count: null } };
  const times = /^(\d{1,3})( times)?$/.exec(text);
  if (times && Number(times[1]) > 0) return { value: { until: null, count: Number(times[1]) } };
  const day = readDue(text);
  if ('problem' in day) return { problem: `“${text}” is no end. Try 10 times or 3 March.` };
  return { value: { until: day.value?.date ?? null, count: null } };
}

/** How something repeats, and the rule in words. */
export function RepeatFields({ rule, start, onRule }: Props) {
  const { settings } = useWorkspace();
  const repeat = rule === null ? null : repeatOf(rule);
  const set = (changes: Partial<Repeat>) =>
    repeat !== null && onRule(ruleOf({ ...repeat, ...changes }, start));
  const fresh = { every: 1, days: [], nth: null, until: null, count: null };
  const onUnit = (unit: Unit) => onRule(unit === 'once' ? null : ruleOf({ ...fresh, unit }, start));
  const nth = Math.min(4, Math.ceil(Number(start.slice(8)) / 7));
  return (
    <View className="gap-3 border-t border-line pt-3">
      {rule !== null && repeat === null ? (
        <Words>It repeats by a rule of its own, which stays as it is.</Words>
      ) : (
        <Choice label="Repeats" value={repeat?.unit ?? 'once'} onChoose={onUnit} options={units} />
      )}
      {repeat && (
        <>
          <Field
            label={`Every how many ${repeat.unit}s`}
            text={String(repeat.every)}
            read={readEvery}
            onSave={(every) => set({ every })}
          />
          {repeat.unit === 'week' && (
            <View role="group" aria-label="On these days" className="flex-row flex-wrap gap-x-4">
              {weekdaysFrom(1).map((day) => {
                const days = repeat.days.length > 0 ? repeat.days : [weekdayOf(start)];
                const on = days.includes(day);
                const next = on ? days.filter((other) => other !== day) : [...days, day];
                return (
                  <CheckBox
                    key={day}
                    label={shortWeekday(day)}
                    checked={on}
                    onToggle={() => set({ days: next })}
                  />
                );
              })}
            </View>
          )}
          {repeat.unit === 'month' && (
            <Choice
              label="On"
              value={repeat.nth === null ? 'day' : repeat.nth === -1 ? 'last' : 'nth'}
              onChoose={(on) => set({ nth: { day: null, nth, last: -1 }[on] })}
              options={[
                { value: 'day', name: `day ${Number(start.slice(8))}` },
                { value: 'nth', name: `weekday ${nth} of the month` },
                { value: 'last', name: 'the last such weekday' },
              ]}
            />
          )}
          <WithMonth
            of="The end"
            chosen={repeat.until ?? start}
            from={start}
            onChoose={(until) => set({ until, count: null })}
          >
            <Field
              label="Ends"
              text={
                repeat.count !== null
                  ? `${repeat.count} times`
                  : repeat.until
                    ? dateWords(repeat.until, settings)
                    : ''
              }
              placeholder="never"
              read={readEnd}
              onSave={set}
            />
          </WithMonth>
          <Words tone="soft">It repeats {ruleWords(rule ?? '', start, settings)}.</Words>
        </>
      )}
    </View>
  );
}
