import { useEffect, useRef, useState } from 'react';
import { Pressable, View } from 'react-native';
import { loadWords, UprightLoad } from '@/board/LoadMeasure';
import { dayPlan } from '@/core/plan/dayPlan';
import { datesOf, stepped, weekOf } from '@/core/plan/views';
import { dateWords, dayOfMonth, monthWords, weekdayWords } from '@/core/time/words';
import { addDays } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { IconButton } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { elementOf, webProps } from '@/ui/dom';
import { Words } from '@/ui/Words';

type Props = {
  chosen: string;
  onChoose: (date: string) => void;
  /** The first day that can be chosen. */
  from?: string | undefined;
};

const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 };

/**
 * A month to choose a day from, each with its load. One tab stop; arrows go by days and weeks, Home and End to the ends
 * of the week, Page Up and Page Down by months (WAI-ARIA practices, date picker).
 */
export function MonthPicker({ chosen, onChoose, from = '' }: Props) {
  const workspace = useWorkspace();
  const { zone, today } = useMoment();
  const { settings } = workspace;
  /** The day that the keyboard is on; its month is shown. */
  const [at, setAt] = useState(chosen);
  const [byKeys, setByKeys] = useState(false);
  const grid = useRef<View>(null);
  const dates = datesOf('month', at, settings, 1);
  const weeks = Array.from({ length: dates.length / 7 }, (_, i) => dates.slice(7 * i, 7 * i + 7));
  const turned = (direction: 1 | -1) => stepped('month', at, direction, 1, settings);
  const turn = (direction: 1 | -1) => {
    setByKeys(false);
    setAt(turned(direction));
  };

  useEffect(() => {
    if (byKeys) elementOf(grid.current)?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [at, byKeys]);

  const goalOf = (key: string): string | undefined => {
    const days = Object.entries(step).find(([name]) => name === key)?.[1];
    const first = weekOf(at, settings.weekStart);
    if (days !== undefined) return addDays(at, days);
    if (key === 'Home') return first;
    if (key === 'End') return addDays(first, 6);
    if (key === 'PageUp') return turned(-1);
    return key === 'PageDown' ? turned(1) : undefined;
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const goal = goalOf(event.key);
    if (goal === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    setByKeys(true);
    setAt(goal);
  };

  return (
    <View className="gap-1">
      <View className="flex-row items-center justify-between">
        <IconButton label="The month before" icon="back" onPress={() => turn(-1)} />
        <Words face="strong" aria-live="polite">
          {monthWords(at)}
        </Words>
        <IconButton label="The month after" icon="forward" onPress={() => turn(1)} />
      </View>
      <View className="flex-row" aria-hidden>
        {dates.slice(0, 7).map((day) => (
          <View key={day} className="flex-1 items-center">
            <Words size="xs" tone="soft">
              {weekdayWords(day)}
            </Words>
          </View>
        ))}
      </View>
      <View ref={grid} role="group" aria-label={`Days of ${monthWords(at)}`} {...webProps({ onKeyDown })}>
        {weeks.map((week) => (
          <View key={week[0]} className="flex-row">
            {week.map((day) => {
              const { load } = dayPlan(workspace, day, zone);
              const { words, left } = loadWords(load);
              const inMonth = day.slice(0, 7) === at.slice(0, 7);
              return (
                <Pressable
                  key={day}
                  role="button"
                  tabIndex={day === at ? 0 : -1}
                  aria-pressed={day === chosen}
                  disabled={day < from}
                  aria-label={[dateWords(day), day === today ? 'today' : '', words, left]
                    .filter(Boolean)
                    .join(', ')}
                  onPress={() => onChoose(day)}
                  className={`min-h-[52px] flex-1 items-center justify-center gap-0.5 border hover:border-ink-soft ${day === chosen ? 'border-pine bg-surface' : 'border-transparent'} ${day < from ? 'opacity-50' : ''}`}
                >
                  <Words
                    size="sm"
                    face={inMonth ? 'strong' : 'text'}
                    tone={day === today ? 'amber' : inMonth ? 'ink' : 'soft'}
                  >
                    {dayOfMonth(day)}
                  </Words>
                  <UprightLoad load={load} />
                </Pressable>
              );
            })}
          </View>
        ))}
      </View>
    </View>
  );
}
