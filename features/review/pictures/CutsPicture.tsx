import { View } from 'react-native';
import { DayName } from '@/board/left/DayName';
import { cutsOf, LONG, weekCuts, type DayCuts } from '@/core/review/cuts';
import { asks, cutLines, pictureSays } from '@/core/review/told/pictureSays';
import type { PictureOf } from '@/core/review/told/picture';
import { lengthOf, type Span } from '@/core/time/span';
import { dayMonthWords, durationWords, spanWords } from '@/core/time/words';
import { dayOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';
import { Pictured } from '@/panels/parts/Pictured';

/** So high are the bars of the weeks. */
const BARS = 60;

type Props = {
  picture: PictureOf<'cuts'>;
  /** The days of a week, which are drawn one by one; none of a longer stretch. */
  dates: readonly string[];
  onWeek: (week: string) => void;
};

/** How meetings and switches cut up the time, beside the stretch before: day by day, or week by week. */
export function CutsPicture({ picture, dates, onWeek }: Props) {
  const { settings } = useWorkspace();
  const { now, before, weeks } = picture;
  const then = before && cutLines(before);
  const figures = cutLines(now).map(([name, figure], i) => [name, figure, then?.[i]?.[1] ?? '–']);
  const weekName = (week: string) => `week of ${dayMonthWords(week, settings)}`;
  return (
    <Pictured
      asks={asks.cuts}
      answer={pictureSays(picture, settings)}
      heads={['', 'now', 'before']}
      lines={[
        ...weeks.map(({ week, longMinutesADay }) => [weekName(week), durationWords(longMinutesADay), '']),
        ...figures,
      ]}
      onLine={(line) => {
        const week = weeks[line];
        if (week) onWeek(week.week);
      }}
    >
      <View className="gap-2 px-2">
        <CutDays dates={dates} />
        {dates.length > 0 && <BestGuarded date={dates[0] ?? ''} />}
        {weeks.length > 1 && <Weeks weeks={weeks} />}
        <View className="flex-row flex-wrap gap-x-6 gap-y-1">
          {figures.map(([name = '', figure = '', earlier = '']) => (
            <View key={name} className="min-w-[9rem] flex-1">
              <Words face="strong">{figure}</Words>
              <Words size="xs" tone="soft">
                {name}
                {before ? `, ${earlier} before` : ''}
              </Words>
            </View>
          ))}
        </View>
      </View>
    </Pictured>
  );
}

/** The longest stretch of a week in zones that keep meetings out; nothing of a week without one. */
function BestGuarded({ date }: { date: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { guarded } = weekCuts(workspace, date, zone);
  if (!guarded) return null;
  return (
    <Words>
      The best guarded stretch: {spanWords(guarded, zone, workspace.settings)},{' '}
      {durationWords(lengthOf(guarded))}.
    </Words>
  );
}

/** The working hours of some days without a meeting: filled where they last an hour or more. Days off are left out. */
export function CutDays({ dates }: { dates: readonly string[] }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const days = cutsOf(workspace, dates, zone).filter(({ working }) => working.length > 0);
  if (days.length === 0) return null;
  return (
    <View className="gap-1.5">
      {days.map((day) => (
        <DayLine key={day.date} day={day} hours={rangeOf(days, zone)} />
      ))}
      <Words size="xs" tone="soft">
        Working hours without a meeting: filled where they last an hour or more. At the right the longest of
        each day.
      </Words>
    </View>
  );
}

/** Each week's minutes in long stretches, on a working day in the mean. */
function Weeks({ weeks }: Pick<Props['picture'], 'weeks'>) {
  const { settings } = useWorkspace();
  const most = Math.max(1, ...weeks.map(({ longMinutesADay }) => longMinutesADay));
  const told = weeks.map(
    ({ week, longMinutesADay }) => `${dayMonthWords(week, settings)} ${durationWords(longMinutesADay)}`,
  );
  return (
    <View className="gap-1">
      <View
        role="img"
        aria-label={told.join(', ')}
        className="flex-row items-end gap-1"
        style={{ height: BARS }}
      >
        {weeks.map(({ week, longMinutesADay }) => (
          <View
            key={week}
            className="max-w-[28px] flex-1 bg-pine"
            style={{ height: (BARS * longMinutesADay) / most }}
          />
        ))}
      </View>
      <Words size="xs" tone="soft">
        the weeks from {dayMonthWords(weeks[0]?.week ?? '', settings)} to{' '}
        {dayMonthWords(weeks.at(-1)?.week ?? '', settings)}
      </Words>
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
