import { useMemo } from 'react';
import { View } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { seen } from '@/core/plan/lens';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { LoadMeasure } from '@/ui/LoadMeasure';
import { DayStrip } from '@/ui/strip/DayStrip';
import { useHourScale } from '@/ui/strip/hoursHigh';
import { useMinute } from '@/ui/useNow';
import { useShortfall } from '@/ui/useShortfall';
import { Words } from '@/ui/Words';
import { AllDay } from './AllDay';
import { DaysRow } from './DaysRow';
import { IntentionLine } from './IntentionLine';
import { Tray } from './Tray';

type Props = { date: string; today: string; onDate: (date: string) => void };

/** One day: the days around it, its load, what takes all of it, its tray, its hours. */
export function DayBody({ date, today, onDate }: Props) {
  const workspace = useWorkspace();
  const now = useMinute();
  const pixelsPerHour = useHourScale(({ pixels }) => pixels);
  const plan = useMemo(() => seen(dayPlan(workspace, date, session.zone), workspace), [workspace, date]);
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
