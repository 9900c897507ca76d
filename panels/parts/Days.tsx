import { Pressable, View } from 'react-native';
import { LoadBar, loadWords } from '@/board/LoadMeasure';
import { dayPlan, takenWholeBy, type Load } from '@/core/plan/dayPlan';
import { dateWords, dayOfMonth, durationWords, weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { tabStop } from '@/ui/choiceKeys';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

type Props = { days: readonly string[]; chosen: string | null; onChoose: (day: string | null) => void };

/** What a day has for more, in a word or a length. */
function roomWords({ capacity, free }: Load, isTaken: boolean): string {
  if (isTaken) return 'taken';
  if (free < 0) return 'full';
  return capacity === 0 ? 'off' : durationWords(free);
}

/** The next days, each with its load and what is free; the chosen one is let go by another press. */
export function Days({ days, chosen, onChoose }: Props) {
  const workspace = useWorkspace();
  const { zone } = useMoment();
  const plans = days.map((day) => dayPlan(workspace, day, zone));
  const taken = new Map(plans.map((plan) => [plan.date, takenWholeBy(plan)?.title]));
  const takers = [...new Set(taken.values())].filter((title) => title !== undefined);
  const daysOf = (title: string) =>
    days
      .filter((day) => taken.get(day) === title)
      .map((day) => `${weekdayWords(day)} ${dayOfMonth(day)}`)
      .join(', ');
  return (
    <View className="gap-1">
      <Words size="xs" tone="soft">
        On which day · free
      </Words>
      <View role="radiogroup" aria-label="On which day" className="flex-row">
        {plans.map(({ date: day, load }, i) => {
          const { words, left, over } = loadWords(load);
          const title = taken.get(day);
          const said = [
            ...(title === undefined ? [] : [`taken whole by ${title}`]),
            words,
            ...(left ? [left] : []),
          ];
          const isChosen = day === chosen;
          return (
            <Pressable
              key={day}
              role="radio"
              aria-checked={isChosen}
              aria-label={`${dateWords(day, workspace.settings)}: ${said.join(', ')}`}
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
                {roomWords(load, title !== undefined)}
              </Words>
            </Pressable>
          );
        })}
      </View>
      {takers.map((title) => (
        <Words key={title} size="xs" tone="soft">
          {title} takes {daysOf(title)} whole
        </Words>
      ))}
    </View>
  );
}
