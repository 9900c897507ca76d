import { memo } from 'react';
import { View } from 'react-native';
import { LEAST, recordedDays } from '@/core/review/findings';
import type { LedgerRow } from '@/core/review/ledger';
import { hoursOfWeek } from '@/core/review/rhythm';
import { weekdaysFrom } from '@/core/time/week';
import { durationWords, shortWeekday, timeWords, weekdayNames } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';
import { Pictured } from './Pictured';

/** An hour is told in its quarters. */
const QUARTER = 15;

/** When one works: the hours of the day by weekday, each with a tick for every quarter of an hour on record. */
export const HourPicture = memo(function HourPicture({ rows }: { rows: readonly LedgerRow[] }) {
  const { zone } = useMoment();
  const { settings } = useWorkspace();
  const cells = hoursOfWeek(rows, zone);
  const worked = cells.filter(({ minutes }) => minutes > 0);
  const [fullest] = [...worked].sort((a, b) => b.minutes - a.minutes);
  if (!fullest || recordedDays(rows).length < LEAST) return null;
  const hours = worked.map(({ hour }) => hour);
  const shown = Array.from(
    { length: Math.max(...hours) - Math.min(...hours) + 1 },
    (_, i) => Math.min(...hours) + i,
  );
  const weekdays = weekdaysFrom(settings.weekStart).filter((weekday) =>
    worked.some((cell) => cell.weekday === weekday),
  );
  const at = (weekday: number, hour: number) =>
    cells.find((cell) => cell.weekday === weekday && cell.hour === hour)?.minutes ?? 0;
  const clock = (hour: number) =>
    timeWords(`${`${hour}`.padStart(2, '0')}:00`, settings.clock).replace(':00', '');
  return (
    <Pictured
      asks="When you work"
      answer={`${weekdayNames[fullest.weekday - 1]}s from ${clock(fullest.hour)} are the fullest hour: ${durationWords(fullest.minutes)}`}
      heads={['from', ...weekdays.map(shortWeekday)]}
      lines={shown.map((hour) => [clock(hour), ...weekdays.map((weekday) => `${at(weekday, hour)}`)])}
    >
      <View
        role="img"
        aria-label="Each hour of each weekday, with a tick for every quarter of it on record, in the mean"
      >
        <View className="flex-row pl-12">
          {weekdays.map((weekday) => (
            <View key={weekday} className="flex-1 items-center">
              <Words size="xs" face="strong">
                {shortWeekday(weekday)}
              </Words>
            </View>
          ))}
        </View>
        {shown.map((hour) => (
          <View key={hour} className="flex-row items-center gap-0.5">
            <View className="w-12 items-end pr-2">
              <Words size="xs" face="mono" tone="soft">
                {clock(hour)}
              </Words>
            </View>
            {weekdays.map((weekday) => (
              <Cell key={weekday} minutes={at(weekday, hour)} />
            ))}
          </View>
        ))}
      </View>
    </Pictured>
  );
});

/** One hour: the darker the more of it was worked, and a tick for each quarter. */
function Cell({ minutes }: { minutes: number }) {
  const ticks = Math.min(4, Math.round(minutes / QUARTER));
  return (
    <View className="my-px h-5 flex-1 flex-row items-center justify-center gap-1 bg-sunken">
      <View className="absolute inset-0 bg-pine" style={{ opacity: Math.min(1, minutes / 60) * 0.35 }} />
      {Array.from({ length: ticks }, (_, i) => (
        <View key={i} className="h-2.5 w-0.5 bg-ink" />
      ))}
    </View>
  );
}
