import { View } from 'react-native';
import { DayName } from '@/board/left/DayName';
import { LONG, weekCuts, type DayCuts, type WeekCuts } from '@/core/review/cuts';
import { lengthOf, type Span } from '@/core/time/span';
import { clockWords, durationWords, momentWords } from '@/core/time/words';
import { addDays, dayOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Heading, Words } from '@/ui/Words';

/** How meetings cut up the week that a date lies in, day by day and against the week before. */
export function Cuts({ date }: { date: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const week = weekCuts(workspace, date, zone);
  const before = weekCuts(workspace, addDays(date, -7), zone);
  const days = week.days.filter(({ working }) => working.length > 0);
  if (days.length === 0) return null;
  return (
    <View className="gap-2">
      <Heading level={2}>How meetings cut up the week</Heading>
      <Figures week={week} before={before} />
      <View className="gap-1.5">
        {days.map((day) => (
          <DayLine key={day.date} day={day} hours={rangeOf(days, zone)} />
        ))}
      </View>
      <Words size="xs" tone="soft">
        Working hours without a meeting: filled where they last an hour or more. At the right the longest of
        each day.
      </Words>
    </View>
  );
}

function Figures({ week, before }: { week: WeekCuts; before: WeekCuts }) {
  const { zone } = useMoment();
  const { settings } = useWorkspace();
  const at = (instant: number) => clockWords(instant, zone, settings.clock);
  const { guarded } = week;
  const than = (now: number, then: number) =>
    now === then ? 'as the week before' : `${durationWords(then)} the week before`;
  return (
    <View>
      <Words>
        {durationWords(week.longMinutes)} in {week.long} stretches of an hour or more,{' '}
        {than(week.longMinutes, before.longMinutes)}. The longest lasts {durationWords(week.longest)},{' '}
        {than(week.longest, before.longest)}.
      </Words>
      {guarded && (
        <Words>
          The best guarded one: {momentWords(guarded.from, zone, settings)} – {at(guarded.to)},{' '}
          {durationWords(lengthOf(guarded))}.
        </Words>
      )}
    </View>
  );
}

/** The hours of the clock that all days lie in, in minutes after their midnights. */
function rangeOf(days: readonly DayCuts[], zone: string) {
  const each = days.flatMap(({ date, working }) => {
    const midnight = dayOf(date, zone).from;
    return working.map(({ from, to }) => ({ from: from - midnight, to: to - midnight }));
  });
  return { from: Math.min(...each.map(({ from }) => from)), to: Math.max(...each.map(({ to }) => to)) };
}

function DayLine({ day, hours }: { day: DayCuts; hours: Span }) {
  const { zone } = useMoment();
  const { date, working, free, longest, long } = day;
  const midnight = dayOf(date, zone).from;
  const whole = hours.to - hours.from;
  const place = ({ from, to }: Span) =>
    ({
      left: `${(100 * (from - midnight - hours.from)) / whole}%`,
      width: `${(100 * (to - from)) / whole}%`,
    }) as const;
  return (
    <View className="flex-row items-center gap-2">
      <DayName date={date} figures={`${long} of an hour or more, the longest ${durationWords(longest)}`} />
      <View aria-hidden className="h-4 flex-1">
        {working.map((span) => (
          <View
            key={span.from}
            className="absolute bottom-0 top-0 border border-edge bg-meeting"
            style={place(span)}
          />
        ))}
        {free.map((span) => (
          <View
            key={span.from}
            className={`absolute bottom-0 top-0 border border-surface ${lengthOf(span) >= LONG ? 'bg-pine' : 'hatch-quiet bg-surface'}`}
            style={place(span)}
          />
        ))}
      </View>
      <View className="w-16 items-end" aria-hidden>
        <Words size="xs" face="mono">
          {durationWords(longest)}
        </Words>
      </View>
    </View>
  );
}
