import { View } from 'react-native';
import { changeSettings } from '@/core/commands/calendar';
import type { Hours } from '@/core/model/settings';
import { timeWords, weekdayNames } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Field, type Reading } from '@/ui/Field';
import { CheckBox } from '@/ui/CheckBox';
import { readClock } from '@/ui/readings';
import { Words } from '@/ui/Words';

/** From when to when one works on each weekday, or a day off. */
export function WorkingHours() {
  const { workingHours } = useWorkspace().settings;
  const set = (day: number, hours: Hours) =>
    store.run(changeSettings, { workingHours: workingHours.map((old, i) => (i === day ? hours : old)) });
  return (
    <View className="gap-1">
      {weekdayNames.map((name, day) => (
        <DayRow key={name} name={name} hours={workingHours[day] ?? null} onSet={(hours) => set(day, hours)} />
      ))}
    </View>
  );
}

function DayRow({ name, hours, onSet }: { name: string; hours: Hours; onSet: (hours: Hours) => boolean }) {
  const { clock } = useWorkspace().settings;
  const readEdge =
    (fits: (time: string) => boolean, problem: string) =>
    (typed: string): Reading<string> => {
      const reading = readClock(typed);
      return 'problem' in reading || fits(reading.value) ? reading : { problem };
    };
  return (
    <View className="min-h-[48px] flex-row items-center gap-2">
      <View className="w-36">
        <CheckBox
          label={name}
          says={`Work on ${name}`}
          checked={hours !== null}
          onToggle={() => onSet(hours ? null : { from: '09:00', to: '17:00' })}
        />
      </View>
      {hours ? (
        <>
          <View className="flex-1">
            <Field
              label={`${name} from`}
              hideLabel
              text={timeWords(hours.from, clock)}
              read={readEdge((time) => time < hours.to, 'The start must be before the end.')}
              onSave={(from) => onSet({ ...hours, from })}
            />
          </View>
          <Words tone="soft">to</Words>
          <View className="flex-1">
            <Field
              label={`${name} to`}
              hideLabel
              text={timeWords(hours.to, clock)}
              read={readEdge((time) => time > hours.from, 'The end must be after the start.')}
              onSave={(to) => onSet({ ...hours, to })}
            />
          </View>
        </>
      ) : (
        <Words tone="soft">Day off</Words>
      )}
    </View>
  );
}
