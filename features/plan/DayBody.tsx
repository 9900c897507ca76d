import { useMemo } from 'react';
import { View } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { seen } from '@/core/plan/lens';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { LoadMeasure } from '@/board/LoadMeasure';
import { DayStrip } from '@/board/strip/DayStrip';
import { useHourScale } from '@/board/strip/hoursHigh';
import { useShortfall } from '@/board/useShortfall';
import { Words } from '@/ui/Words';
import { AllDay } from '@/board/days/AllDay';
import { DaysRow } from '@/board/days/DaysRow';
import { IntentionLine } from './IntentionLine';
import { Tray } from '@/board/days/Tray';

type Props = { date: string; today: string; onDate: (date: string) => void };

/** One day: the days around it, its load, what takes all of it, its tray, its hours. */
export function DayBody({ date, today, onDate }: Props) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const pixelsPerHour = useHourScale(({ pixels }) => pixels);
  const plan = useMemo(() => seen(dayPlan(workspace, date, zone), workspace), [workspace, date, zone]);
  const dates = useMemo(() => [date], [date]);
  const short = useShortfall(date);
  return (
    <View className="flex-1">
      <View className="gap-2 border-b border-line px-4 pb-2">
        <DaysRow date={date} today={today} onDate={onDate} />
        <LoadMeasure load={plan.load} />
        {short && (
          <Words size="xs" tone="brick" face="strong">
            {short}
          </Words>
        )}
        <IntentionLine date={date} ofDay />
        <AllDay date={date} events={plan.allDay} />
        <Tray date={date} items={plan.tray} minutes={plan.load.inTray} />
      </View>
      <DayStrip dates={dates} now={now} pixelsPerHour={pixelsPerHour} />
    </View>
  );
}
