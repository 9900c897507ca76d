import { Pressable, View } from 'react-native';
import { dayPlan, type Load } from '@/core/plan/dayPlan';
import { addDays, weekdayOf } from '@/core/time/zone';
import { dateWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { loadWords } from '@/ui/LoadMeasure';
import { Words } from '@/ui/Words';

type Props = { date: string; today: string; onDate: (date: string) => void };

/** The seven days around the shown one, each with its load, one tap away. */
export function DaysRow({ date, today, onDate }: Props) {
  const workspace = useWorkspace();
  const monday = addDays(date, 1 - weekdayOf(date));
  return (
    <View role="group" aria-label="Days of this week" className="flex-row">
      {Array.from({ length: 7 }, (_, i) => addDays(monday, i)).map((day) => {
        const { load } = dayPlan(workspace, day, session.zone);
        const { said, left } = loadWords(load);
        const shown = day === date;
        return (
          <Pressable
            key={day}
            role="button"
            aria-pressed={shown}
            onPress={() => onDate(day)}
            className={`flex-1 items-center gap-0.5 border-b-2 py-1 hover:bg-surface ${shown ? 'border-pine bg-surface' : 'border-transparent'}`}
          >
            <Words size="xs" tone={day === today ? 'amber' : 'soft'} face={day === today ? 'strong' : 'text'}>
              {day === today ? 'Today' : dateWords(day).slice(0, 3)}
            </Words>
            <Words size="base" face={shown ? 'strong' : 'text'}>
              {Number(day.slice(8))}
            </Words>
            <SmallLoad load={load} />
            <Words className="sr-only">{[said, left].filter(Boolean).join(', ')}</Words>
          </Pressable>
        );
      })}
    </View>
  );
}

const HEIGHT = 22;

/** A load as an upright measure, with its notch at capacity. */
function SmallLoad({ load }: { load: Load }) {
  const whole = Math.max(load.capacity * 1.25, load.meetings + load.planned, 1);
  const part = (minutes: number) => (HEIGHT * minutes) / whole;
  const within = Math.min(load.planned, load.room);
  return (
    <View className="w-3.5 justify-end bg-sunken" style={{ height: HEIGHT }}>
      <View className="hatch-over" style={{ height: part(load.planned - within) }} />
      <View className="bg-pine" style={{ height: part(within) }} />
      <View className="bg-meeting" style={{ height: part(load.meetings) }} />
      {load.capacity > 0 && (
        <View
          className="absolute -left-1 -right-1 h-0.5 bg-ink"
          style={{ bottom: part(load.capacity) - 1 }}
        />
      )}
    </View>
  );
}
