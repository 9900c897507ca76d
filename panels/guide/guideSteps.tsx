import { View } from 'react-native';
import { Controller, useController, type Control } from 'react-hook-form';
import { upAt, type GuideAnswers } from '@/core/frame/guide';
import { durationWords, shortWeekday, weekdayNames } from '@/core/time/words';
import { CheckBox } from '@/ui/CheckBox';
import { Field, type Reading } from '@/ui/Field';
import { readLength } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { TimeField } from '../parts/TimeField';

type Props = { control: Control<GuideAnswers, unknown, GuideAnswers> };

const readMost =
  (most: number) =>
  (typed: string): Reading<number> =>
    typed.trim() === '' ? { value: 0 } : readLength(typed, most);

export function SleepStep({ control }: Props) {
  const { field: bed } = useController({ control, name: 'bed' });
  const { field: wake } = useController({ control, name: 'wake' });
  const { field: weekendWake } = useController({ control, name: 'weekendWake' });
  const { field: meals } = useController({ control, name: 'meals' });
  const up = (at: number) => {
    const now = { wake: wake.value, weekendWake: weekendWake.value, meals: meals.value };
    const later = upAt(now, at);
    meals.onChange(later.meals);
    weekendWake.onChange(later.weekendWake);
    wake.onChange(later.wake);
  };
  return (
    <View className="flex-row gap-3">
      <View className="flex-1">
        <TimeField label="To bed at" value={bed.value} onChange={bed.onChange} />
      </View>
      <View className="flex-1">
        <TimeField label="Up on workdays at" value={wake.value} onChange={up} />
      </View>
    </View>
  );
}

const office = { from: 9 * 60, to: 17 * 60 };

export const WorkStep = ({ control }: Props) => (
  <Controller
    control={control}
    name="work"
    render={({ field: { value: week, onChange } }) => (
      <View className="gap-1">
        {weekdayNames.map((name, day) => {
          const hours = week[day] ?? null;
          const set = (next: typeof hours) => onChange(week.map((old, i) => (i === day ? next : old)));
          return (
            <View key={name} className="min-h-[48px] flex-row items-center gap-2">
              <View className="w-24">
                <CheckBox
                  label={shortWeekday(day + 1)}
                  says={`Work on ${name}`}
                  checked={hours !== null}
                  onToggle={() => set(hours ? null : office)}
                />
              </View>
              {hours ? (
                <>
                  <View className="flex-1">
                    <TimeField
                      label={`${name} from`}
                      hideLabel
                      value={hours.from}
                      onChange={(from) => set({ ...hours, from })}
                    />
                  </View>
                  <Words tone="soft">to</Words>
                  <View className="flex-1">
                    <TimeField
                      label={`${name} to`}
                      hideLabel
                      value={hours.to}
                      onChange={(to) => set({ ...hours, to })}
                    />
                  </View>
                </>
              ) : (
                <Words tone="soft">day off</Words>
              )}
            </View>
          );
        })}
      </View>
    )}
  />
);

export const MealSteps = ({ control }: Props) => (
  <Controller
    control={control}
    name="meals"
    render={({ field: { value: meals, onChange } }) => (
      <View className="gap-2">
        {meals.map((meal, place) => {
          const set = (changes: Partial<typeof meal>) =>
            onChange(meals.map((old, i) => (i === place ? { ...old, ...changes } : old)));
          return (
            <View key={meal.name} className="flex-row gap-3">
              <View className="flex-1">
                <TimeField label={`${meal.name} at`} value={meal.from} onChange={(from) => set({ from })} />
              </View>
              <View className="flex-1">
                <Field
                  label={`${meal.name} takes`}
                  text={meal.minutes === 0 ? '' : durationWords(meal.minutes)}
                  placeholder="nothing"
                  read={readMost(240)}
                  onSave={(minutes) => set({ minutes })}
                />
              </View>
            </View>
          );
        })}
      </View>
    )}
  />
);

export const TravelStep = ({ control }: Props) => (
  <Controller
    control={control}
    name="travel"
    render={({ field: { value, onChange } }) => (
      <Field
        label="One way"
        text={value === 0 ? '' : durationWords(value)}
        placeholder="no way at all"
        read={readMost(300)}
        onSave={onChange}
      />
    )}
  />
);

export const WeekendStep = ({ control }: Props) => (
  <View className="gap-2">
    <Controller
      control={control}
      name="weekendWake"
      render={({ field: { value, onChange } }) => (
        <TimeField label="Up at on days off" value={value} onChange={onChange} />
      )}
    />
    <Controller
      control={control}
      name="own"
      render={({ field: { value, onChange } }) => (
        <View className="flex-row gap-3">
          <View className="flex-1">
            <TimeField
              label="Your own from"
              value={value.from}
              onChange={(from) => onChange({ ...value, from })}
            />
          </View>
          <View className="flex-1">
            <TimeField label="until" value={value.to} onChange={(to) => onChange({ ...value, to })} />
          </View>
        </View>
      )}
    />
  </View>
);
