import { memo } from 'react';
import { Pressable, View } from 'react-native';
import type { PictureOf } from '@/core/review/told/picture';
import { asks, hourOfClock, pictureSays } from '@/core/review/told/pictureSays';
import { weekdaysFrom } from '@/core/time/week';
import { shortWeekday } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';
import { Pictured } from '@/panels/parts/Pictured';

/** An hour is told in its quarters. */
const QUARTER = 15;

type Props = { picture: PictureOf<'hours'>; onHour: (hour: number) => void };

/** When one works: the hours of the day by weekday, each with a tick for every quarter of an hour on record. */
export const HourPicture = memo(function HourPicture({ picture, onHour }: Props) {
  const { settings } = useWorkspace();
  const worked = picture.cells.filter(({ minutes }) => minutes > 0);
  const hours = worked.map(({ hour }) => hour);
  const shown = Array.from(
    { length: Math.max(...hours) - Math.min(...hours) + 1 },
    (_, i) => Math.min(...hours) + i,
  );
  const weekdays = weekdaysFrom(settings.weekStart).filter((weekday) =>
    worked.some((cell) => cell.weekday === weekday),
  );
  const at = (weekday: number, hour: number) =>
    worked.find((cell) => cell.weekday === weekday && cell.hour === hour)?.minutes ?? 0;
  return (
    <Pictured
      asks={asks.hours}
      answer={pictureSays(picture, settings)}
      heads={['from', ...weekdays.map(shortWeekday)]}
      lines={shown.map((hour) => [
        hourOfClock(hour, settings),
        ...weekdays.map((weekday) => `${at(weekday, hour)}`),
      ])}
      onLine={(line) => onHour(shown[line] ?? 0)}
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
          <Pressable
            key={hour}
            focusable={false}
            onPress={() => onHour(hour)}
            className="flex-row items-center gap-0.5 hover:bg-sunken"
          >
            <View className="w-12 items-end pr-2">
              <Words size="xs" face="mono" tone="soft">
                {hourOfClock(hour, settings)}
              </Words>
            </View>
            {weekdays.map((weekday) => (
              <Cell key={weekday} minutes={at(weekday, hour)} />
            ))}
          </Pressable>
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
