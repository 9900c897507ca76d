import { useMemo, useRef } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { dayPlan, type DayPlan } from '@/core/plan/dayPlan';
import { seen } from '@/core/plan/lens';
import { segmentsOf } from '@/core/plan/spanning';
import { around, datesOf } from '@/core/plan/views';
import { dateWords, dayOfMonth, durationWords, weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useDropArea } from '@/board/drag/areas';
import { LoadBar, loadWords, UprightLoad } from '@/board/LoadMeasure';
import { useDayEnd } from '@/board/ends/dayEnds';
import { SLIVERS } from '@/board/strip/cardParts';
import { DayStrip } from '@/board/strip/DayStrip';
import { useHourScale } from '@/board/strip/hoursHigh';
import { useRulerWidth } from '@/board/strip/Ruler';
import { useTight, useTightOn } from '@/board/useTight';
import { briefWords, tightWords } from '@/core/feasible/words';
import type { PlanView } from '@/board/days/useView';
import { IconButton } from '@/ui/Button';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { AcrossDays } from '@/board/days/AcrossDays';
import { useIsDrawn } from '@/board/drawer';
import { Fold } from './Fold';
import { restOf } from './foldedWords';
import { LEAST_DAY } from './planRoom';
import { IntentionLine } from './IntentionLine';
import { useGestures } from '@/board/days/useGestures';
import { WeekGoalRows, WeekGoals, WeekPage } from './WeekMeant';
import { TrayCell } from '@/board/days/TrayCell';

/** Several days side by side: each with its load, what takes it whole, its tray, and its hours. */
export function Board(place: PlanView & { fit: number; width: number; most: number }) {
  const { zone, now } = useMoment();
  const { view, date, today, fit, width, most, onDate, onOpenDay } = place;
  const workspace = useWorkspace();
  const wide = useWide();
  const drawn = useIsDrawn();
  const rulerWidth = useRulerWidth();
  const pixelsPerHour = useHourScale(({ pixels }) => pixels);
  const all = datesOf(workspace, view, date, fit);
  const dates = useMemo(() => around(all, date, most), [all, date, most]);
  const column = (width - rulerWidth) / dates.length;
  const roomy = column >= LEAST_DAY - 4;
  const plans = useMemo(
    () => dates.map((day) => seen(dayPlan(workspace, day, zone), workspace)),
    [workspace, dates, zone],
  );
  const segments = useMemo(
    () =>
      segmentsOf(
        plans.flatMap(({ allDay }) => allDay),
        plans.map(({ span }) => span),
      ),
    [plans],
  );
  const planned = plans.reduce((sum, { load }) => sum + load.planned, 0);
  const free = plans.reduce((sum, { load }) => sum + Math.max(0, load.free), 0);
  const [tight] = useTight();
  const folded = {
    about: 'these days',
    warning: tight ? tightWords(tight, workspace, zone, now) : null,
    first: `${durationWords(planned)} planned`,
    aside: `${durationWords(free)} free`,
    hint: column < SLIVERS ? 'Touch a thing to read here what it is' : '',
    rest: restOf(workspace, {
      date,
      ofDay: false,
      allDay: plans.flatMap(({ allDay }) => allDay),
      tray: plans.flatMap(({ tray }) => tray),
    }),
  };
  const meant = (
    <View className={wide ? 'h-7 flex-row items-center gap-4 overflow-hidden px-4' : 'px-4'}>
      <View className="shrink">
        <WeekGoals date={date} />
      </View>
      <View className="shrink">
        <IntentionLine date={date} />
      </View>
      <View className="shrink-0">
        <WeekPage date={date} />
      </View>
    </View>
  );
  const board = useRef<View>(null);
  useGestures(board, place, fit);
  return (
    <View ref={board} className="flex-1 touch-pan-y low:flex-none">
      <View className="border-b border-line">
        {wide && meant}
        <View className="flex-row" style={{ paddingLeft: rulerWidth }}>
          {plans.map((plan) => (
            <DayHead key={plan.date} plan={plan} today={today} wide={roomy} low={drawn} onOpen={onOpenDay} />
          ))}
          <FurtherDay all={all} shown={dates} onDate={onDate} />
        </View>
        <Fold folded={folded} away={drawn}>
          {!wide && meant}
          <WeekGoalRows dates={dates} left={rulerWidth} />
          <AcrossDays segments={segments} dates={dates} left={rulerWidth} />
          <View className="flex-row">
            <View className="justify-start pl-3 pt-1.5" style={{ width: rulerWidth }}>
              <Words size="xs" tone="soft">
                Tray
              </Words>
            </View>
            <ScrollView tabIndex={-1} style={{ maxHeight: 112 }} contentContainerClassName="flex-row">
              {plans.map((plan) => (
                <TrayCell key={plan.date} date={plan.date} items={plan.tray} narrow={!roomy} />
              ))}
            </ScrollView>
          </View>
        </Fold>
      </View>
      <DayStrip dates={dates} now={now} width={width} pixelsPerHour={pixelsPerHour} />
    </View>
  );
}

type FurtherProps = { all: readonly string[]; shown: readonly string[]; onDate: (date: string) => void };

/** The way to days of the view for which there is no room, at the edge of those that are shown. */
function FurtherDay({ all, shown, onDate }: FurtherProps) {
  const { settings } = useWorkspace();
  const last = all.at(-1);
  const [first] = all;
  if (!first || !last || all.length === shown.length) return null;
  const isLater = shown.at(-1) !== last;
  const date = isLater ? last : first;
  return (
    <View className={`absolute top-0 ${isLater ? '-right-1' : 'left-1'}`}>
      <IconButton
        label={`Show ${dateWords(date, settings)}`}
        icon={isLater ? 'forward' : 'back'}
        colour="ink-soft"
        onPress={() => onDate(date)}
      />
    </View>
  );
}

type HeadProps = {
  plan: DayPlan;
  today: string;
  wide: boolean;
  low: boolean;
  onOpen: (date: string) => void;
};

/** The name of a day and its load; it opens the day by itself. */
function DayHead({ plan, today, wide, low, onOpen }: HeadProps) {
  const { date, load } = plan;
  const { words, left, over } = loadWords(load);
  const isToday = date === today;
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const tight = useTightOn(date);
  const short = tight && briefWords(tight, workspace, zone);
  const end = useDayEnd(date);
  const { attach } = useDropArea({ kind: 'tray', date });
  return (
    <Pressable
      ref={attach}
      role="button"
      onPress={() => onOpen(date)}
      className={`flex-1 gap-1 border-l border-line hover:bg-surface focus-visible:[outline-offset:-2px] ${wide ? 'px-2 pb-1.5 pt-1' : 'items-center py-1'}`}
    >
      <View className={wide ? 'flex-row items-baseline gap-1.5' : 'items-center'}>
        <Words size={wide ? 'base' : 'xs'} tone={isToday ? 'amber' : 'ink'} face="strong">
          {wide ? `${weekdayWords(date)} ${dayOfMonth(date)}` : weekdayWords(date)}
        </Words>
        {!wide && (
          <Words tone={isToday ? 'amber' : 'ink'} face="strong">
            {dayOfMonth(date)}
          </Words>
        )}
        {isToday && <Words className="sr-only">today</Words>}
      </View>
      {!low && (wide ? <LoadBar load={load} height={8} end={end} /> : <UprightLoad load={load} />)}
      {wide && !low && (
        <Words size="xs" tone={over ? 'brick' : 'soft'} numberOfLines={1}>
          {left || 'day off'}
        </Words>
      )}
      {short && (
        <Words size="xs" tone="brick" face="strong" numberOfLines={wide ? 3 : 1}>
          {wide ? short : 'short'}
        </Words>
      )}
      <Words className="sr-only">{[words, wide ? '' : short, end?.words].filter(Boolean).join(', ')}</Words>
    </Pressable>
  );
}
