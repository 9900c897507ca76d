import { Pressable, View } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { weekOf } from '@/core/time/week';
import { datesFrom } from '@/core/time/zone';
import { dayOfMonth, weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useDropArea } from '../drag/areas';
import { aimsAtDay, useDrag } from '../drag/dragStore';
import { loadWords, UprightLoad } from '../LoadMeasure';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';

type Props = { date: string; today: string; onDate: (date: string) => void };

/** The seven days around the shown one, each with its load, one tap away. A task let go on one lies in its tray. */
export function DaysRow({ date, today, onDate }: Props) {
  const { weekStart } = useWorkspace().settings;
  const first = weekOf(date, weekStart);
  return (
    <View role="group" aria-label="Days of this week" className="flex-row">
      {datesFrom(first, 7).map((day) => (
        <DayButton
          key={day}
          day={day}
          shown={day === date}
          isToday={day === today}
          onOpen={() => onDate(day)}
        />
      ))}
    </View>
  );
}

type DayProps = { day: string; shown: boolean; isToday: boolean; onOpen: () => void };

function DayButton({ day, shown, isToday, onOpen }: DayProps) {
  const { zone } = useMoment();
  const { load } = dayPlan(useWorkspace(), day, zone);
  const { words, left } = loadWords(load);
  const { attach } = useDropArea({ kind: 'tray', date: day });
  const wide = useWide();
  const aimed = useDrag((state) => aimsAtDay(state, day));
  const edge = shown || aimed ? 'border-pine bg-surface' : 'border-transparent';
  return (
    <Pressable
      ref={attach}
      role="button"
      aria-pressed={shown}
      onPress={onOpen}
      className={`flex-1 items-center gap-0.5 border-b-2 py-1 hover:bg-surface ${edge}`}
    >
      {/* in one line on a wide screen: its height is for the hours */}
      <View className={wide ? 'flex-row items-baseline gap-1.5' : 'items-center gap-0.5'}>
        <Words size="xs" tone={isToday ? 'amber' : 'soft'} face={isToday ? 'strong' : 'text'}>
          {isToday ? 'Today' : weekdayWords(day)}
        </Words>
        <Words size="base" face={shown ? 'strong' : 'text'}>
          {dayOfMonth(day)}
        </Words>
      </View>
      <UprightLoad load={load} />
      <Words className="sr-only">{[words, left].filter(Boolean).join(', ')}</Words>
    </Pressable>
  );
}
