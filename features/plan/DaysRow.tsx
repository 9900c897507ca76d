import { Pressable, View } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { weekOf } from '@/core/plan/views';
import { addDays } from '@/core/time/zone';
import { dateWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { loadWords, UprightLoad } from '@/ui/LoadMeasure';
import { Words } from '@/ui/Words';

type Props = { date: string; today: string; onDate: (date: string) => void };

/** The seven days around the shown one, each with its load, one tap away. */
export function DaysRow({ date, today, onDate }: Props) {
  const workspace = useWorkspace();
  const first = weekOf(date, workspace.settings.weekStart);
  return (
    <View role="group" aria-label="Days of this week" className="flex-row">
      {Array.from({ length: 7 }, (_, i) => addDays(first, i)).map((day) => {
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
            <UprightLoad load={load} />
            <Words className="sr-only">{[said, left].filter(Boolean).join(', ')}</Words>
          </Pressable>
        );
      })}
    </View>
  );
}
