import { Pressable, View } from 'react-native';
import { LoadBar, loadWords } from '@/board/LoadMeasure';
import { dayPlan } from '@/core/plan/dayPlan';
import { dateWords, dayOfMonth, durationWords, weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { tabStop } from '@/ui/choiceKeys';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

type Props = { days: readonly string[]; chosen: string | null; onChoose: (day: string | null) => void };

/** The next days, each with its load and what is free; the chosen one is let go by another press. */
export function Days({ days, chosen, onChoose }: Props) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  return (
    <View className="gap-1">
      <Words size="xs" tone="soft">
        On which day · free
      </Words>
      <View role="radiogroup" aria-label="On which day" className="flex-row">
        {days.map((day, i) => {
          const { load } = dayPlan(workspace, day, zone);
          const { words, left, over } = loadWords(load);
          const isChosen = day === chosen;
          return (
            <Pressable
              key={day}
              role="radio"
              aria-checked={isChosen}
              aria-label={`${dateWords(day, workspace.settings)}: ${words}${left ? `, ${left}` : ''}`}
              tabIndex={tabStop(isChosen, i === 0 && chosen === null)}
              onPress={() => onChoose(isChosen ? null : day)}
              className={`min-h-[84px] flex-1 items-center gap-1 border-b-[3px] px-1 py-1.5 ${isChosen ? 'border-pine bg-surface' : 'border-transparent hover:border-line'}`}
            >
              <Words size="xs" tone="soft">
                {weekdayWords(day)}
              </Words>
              <Words size="base" face="strong">
                {dayOfMonth(day)}
              </Words>
              <LoadBar load={load} height={8} />
              <Words size="xs" tone={over ? 'brick' : 'soft'}>
                {over ? 'full' : durationWords(load.free)}
              </Words>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}
