import { View } from 'react-native';
import { relocate } from '@/actions/places';
import { DayFigures } from '@/board/left/WhatIsLeft';
import { LoadMeasure } from '@/board/LoadMeasure';
import { setCapacity, setWeekdayHours } from '@/core/commands/frames';
import { frameOf } from '@/core/frame/holding';
import { sealOn } from '@/core/model/seal';
import { reliefs, type Relief } from '@/core/plan/relief';
import { dayPlan } from '@/core/plan/dayPlan';
import { minutesOf } from '@/core/time/span';
import { weekOf } from '@/core/time/week';
import { dateWords, durationWords, weekdayNames, momentWords } from '@/core/time/words';
import { weekdayOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Field, type Reading } from '@/ui/Field';
import type { Panel, Panels } from '@/ui/panels';
import { readLength } from '@/ui/readings';
import { Words } from '@/ui/Words';

const MOST_MINUTES = 24 * 60;

const readCapacity = (typed: string): Reading<number | null> => {
  if (typed.trim() === '') return { value: null };
  if (/^(0|none|nothing)$/i.test(typed.trim())) return { value: 0 };
  return readLength(typed, MOST_MINUTES);
};

const hoursText = (minutes: number | undefined): string =>
  minutes === undefined ? '' : minutes === 0 ? 'none' : durationWords(minutes);

/** How much room a day has, what takes it, and what would help when it is too little. */
function DayRoom({ date }: Panels['dayRoom']) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { load, working } = dayPlan(workspace, date, zone);
  const own = workspace.dayCapacities.get(date)?.minutes;
  const given = durationWords(minutesOf(working));
  return (
    <View className="gap-4">
      <LoadMeasure load={load} />
      <Reliefs found={reliefs(workspace, date, zone, now)} />
      <Field
        label="Hours that you will work on this day"
        text={hoursText(own)}
        placeholder={`${given}, as the frame gives`}
        read={readCapacity}
        onSave={(minutes) => {
          const words = `${dateWords(date, workspace.settings)} has ${minutes === null ? 'the hours of the frame' : durationWords(minutes)}`;
          return store.tryTo(setCapacity, { date, minutes }, words);
        }}
      />
      <WeekdayHours date={date} />
      <DayFigures date={date} />
    </View>
  );
}

/** The hours of each such weekday, as long as its frame holds. */
function WeekdayHours({ date }: { date: string }) {
  const { today } = useMoment();
  const workspace = useWorkspace();
  const frame = frameOf(workspace, date);
  const seal = sealOn(workspace, date);
  const day = weekdayOf(date);
  const name = weekdayNames[day - 1] ?? '';
  if (!frame || date < weekOf(today, workspace.settings.weekStart)) return null;
  if (seal) return <Words tone="soft">This week is sealed with the hours that its {name} had.</Words>;
  const minutes = frame.hours?.find((one) => one.day === day)?.minutes;
  return (
    <Field
      label={`On every ${name}, as long as “${frame.name}” holds`}
      text={hoursText(minutes)}
      placeholder="as its zones give"
      read={readCapacity}
      onSave={(to) =>
        store.tryTo(
          setWeekdayHours,
          { frameId: frame.id, week: weekOf(today, workspace.settings.weekStart), day, minutes: to },
          `Every ${name} has ${to === null ? 'the hours of its zones' : durationWords(to)}`,
        )
      }
    />
  );
}

/** The blocks that would best be moved, each with the place that it fits. */
function Reliefs({ found }: { found: readonly Relief[] }) {
  const { zone } = useMoment();
  const { settings } = useWorkspace();
  if (found.length === 0) return null;
  return (
    <View className="gap-2">
      <Words face="strong">What would help most</Words>
      {found.map(({ block, title, start, gains }) => {
        const when = momentWords(start, zone, settings);
        return (
          <View key={block.id} className="flex-row items-center gap-2">
            <View className="flex-1">
              <Words>{title}</Words>
              <Words size="xs" tone="soft">
                to {when}: the day gains {durationWords(gains)}
              </Words>
            </View>
            <Button
              label="Move"
              says={`Move ${title} to ${when}`}
              onPress={() => void relocate(block, { start, minutes: block.minutes }, `${title}: ${when}`)}
            />
          </View>
        );
      })}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** How much room a day has. */
    dayRoom: { readonly date: string };
  }
}

export const dayRoom: Panel<Panels['dayRoom']> = {
  useTitle: ({ date }) => `Room on ${dateWords(date, useWorkspace().settings)}`,
  Content: DayRoom,
};
