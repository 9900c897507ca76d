import { useMemo, useRef } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { dayList } from '@/core/plan/things';
import { datesOf } from '@/core/plan/views';
import { weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import type { PlanView } from './useView';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { MonthCell } from './MonthCell';
import { useGestures } from './useGestures';
import { ScrollRegion } from '@/ui/ScrollRegion';

/** What stands above the weeks on a wide screen, in pixels. */
const AROUND = 120;
/** The heights of a week at least, of what stands above its lines and of a line, in pixels. */
const WEEK = forText(92);
const ABOVE_LINES = forText(41);
const LINE = forText(24);

type Props = PlanView & { onPress: (date: string) => void };

/** The dates of a month with the load of each day. What is let go on a day lies in its tray, or keeps its hours. */
export function Month({ onPress, ...place }: Props) {
  const { zone } = useMoment();
  const { date, today } = place;
  const workspace = useWorkspace();
  const dates = datesOf(workspace, 'month', date, 1);
  const days = useMemo(() => dates.map((day) => dayList(workspace, day, zone)), [workspace, dates, zone]);
  // of the window, so that no line comes or goes with a notice
  const height = useWindowDimensions().height - AROUND;
  const weeks = dates.length / 7;
  const lines = Math.max(2, Math.floor((Math.max(WEEK, height / weeks) - ABOVE_LINES) / LINE));
  const month = useRef<View>(null);
  useGestures(month, place, 1);
  return (
    <View ref={month} className="flex-1 touch-pan-y touch-pinch-zoom low:flex-none">
      <View className="flex-row border-b border-line">
        {dates.slice(0, 7).map((day) => (
          <View key={day} className="flex-1 items-center py-1">
            <Words size="xs" tone="soft">
              {weekdayWords(day)}
            </Words>
          </View>
        ))}
      </View>
      <ScrollRegion aria-label="Days of the month" contentContainerStyle={{ flexGrow: 1 }}>
        {Array.from({ length: weeks }, (_, week) => (
          <View
            key={dates[week * 7]}
            className="flex-1 flex-row border-b border-line"
            style={{ minHeight: WEEK }}
          >
            {days.slice(week * 7, week * 7 + 7).map((day) => (
              <MonthCell
                key={day.date}
                day={day}
                lines={lines}
                inMonth={day.date.slice(0, 7) === date.slice(0, 7)}
                isToday={day.date === today}
                onOpen={() => onPress(day.date)}
              />
            ))}
          </View>
        ))}
      </ScrollRegion>
    </View>
  );
}
