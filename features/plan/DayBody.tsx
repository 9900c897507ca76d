import { useMemo, useRef } from 'react';
import { Pressable, View } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { seen } from '@/core/plan/lens';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { LoadBar, LoadMeasure, loadWords } from '@/board/LoadMeasure';
import { DayStrip } from '@/board/strip/DayStrip';
import { useHourScale } from '@/board/strip/hoursHigh';
import { useDayEnd } from '@/board/ends/dayEnds';
import { TightLine } from '@/board/TightLine';
import { useTightOn } from '@/board/useTight';
import { briefWords } from '@/core/feasible/words';
import { openPanel } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { AllDay } from '@/board/days/AllDay';
import { DaysRow } from '@/board/days/DaysRow';
import { useIsDrawn } from '@/board/drawer';
import { Fold } from './Fold';
import { restOf } from './foldedWords';
import { WeekGoals } from './WeekMeant';
import { IntentionLine } from './IntentionLine';
import { Tray } from '@/board/days/Tray';
import { useGestures } from '@/board/days/useGestures';
import type { PlanView } from '@/board/days/useView';

/** One day: the days around it, its load, what takes all of it, its tray, its hours. */
export function DayBody(place: PlanView & { width: number }) {
  const { date, today, onDate, width } = place;
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const pixelsPerHour = useHourScale(({ pixels }) => pixels);
  const plan = useMemo(() => seen(dayPlan(workspace, date, zone), workspace), [workspace, date, zone]);
  const dates = useMemo(() => [date], [date]);
  const tight = useTightOn(date);
  const end = useDayEnd(date);
  const wide = useWide();
  const drawn = useIsDrawn();
  const body = useRef<View>(null);
  useGestures(body, place, 1);
  const { words, left, over } = loadWords(plan.load);
  const folded = {
    about: 'the day',
    first: words,
    aside: left,
    over,
    warning: tight ? briefWords(tight, workspace, zone) : null,
    rest: restOf(workspace, { date, ofDay: true, allDay: plan.allDay, tray: plan.tray }),
  };
  return (
    <View ref={body} className="flex-1 touch-pan-y low:flex-none">
      <View className={`border-b border-line ${drawn ? 'hidden' : ''}`}>
        <View className="px-4">
          <DaysRow date={date} today={today} onDate={onDate} />
        </View>
        <Fold folded={folded}>
          <View className="gap-2 px-4 pb-2 pt-2">
            <Pressable
              role="button"
              {...(wide ? {} : { 'aria-label': 'What takes the room of the day' })}
              onPress={() => openPanel({ kind: 'dayRoom', date })}
              className={`hover:opacity-80 ${wide ? '' : 'min-h-[24px] justify-center'}`}
            >
              {wide ? <LoadMeasure load={plan.load} end={end} /> : <LoadBar load={plan.load} end={end} />}
            </Pressable>
            {tight && <TightLine tight={tight} />}
            <View className={wide ? 'flex-row items-center gap-4' : 'gap-2'}>
              <View className={wide ? 'min-w-[45%] shrink' : ''}>
                {!wide && <WeekGoals date={date} />}
                <IntentionLine date={date} ofDay />
              </View>
              <AllDay date={date} events={plan.allDay} />
            </View>
            <Tray date={date} items={plan.tray} minutes={plan.load.inTray} />
          </View>
        </Fold>
      </View>
      <DayStrip dates={dates} now={now} width={width} pixelsPerHour={pixelsPerHour} />
    </View>
  );
}
