import { scaleLinear } from 'd3-scale';
import { Pressable, View } from 'react-native';
import { hueOfSubject } from '@/core/plan/lens';
import type { PictureOf } from '@/core/review/told/picture';
import { asks, pictureSays } from '@/core/review/told/pictureSays';
import { MINUTE } from '@/core/time/span';
import { dateWords, durationWords, hourWords, shortWeekday, signedWords } from '@/core/time/words';
import { dayOf, weekdayOf } from '@/core/time/zone';
import { subjectKey } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { Pictured } from '@/panels/parts/Pictured';

const HEIGHT = 260;
const HOUR = 60;
/** How wide the names of the hours are. */
const HOURS = forText(30);

type Props = { picture: PictureOf<'week'>; onDay: (date: string) => void };

/** The lanes of a day, from the left. */
const laneNames = {
  sealed: 'as sealed hatched',
  planned: 'planned outlined',
  actual: 'what happened filled',
};
const laneLooks = {
  sealed: 'left-0 right-px hatch-quiet bg-surface',
  planned: 'left-0 right-px bg-fill',
  actual: 'left-px right-0 bg-edge',
};

/** A week on one scale: how it was sealed, where it was, what was planned, and what happened, side by side. */
export function WeekPicture({ picture, onDay }: Props) {
  const { days, lanes } = picture;
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const midnights = new Map(days.map(({ date }) => [date, dayOf(date, zone).from]));
  const minutesInto = (date: string, at: number) => (at - (midnights.get(date) ?? 0)) / MINUTE;
  const shown = (['sealed', 'planned', 'actual'] as const).filter((lane) => lanes[lane] !== null);
  const edges = shown.flatMap((lane) =>
    (lanes[lane] ?? []).flatMap(({ date, span }) => [
      minutesInto(date, span.from),
      minutesInto(date, span.to),
    ]),
  );
  if (edges.length === 0) return null;
  const [from, to] = [
    Math.floor(Math.min(...edges) / HOUR) * HOUR,
    Math.ceil(Math.max(...edges) / HOUR) * HOUR,
  ];
  const y = scaleLinear([from, to], [0, HEIGHT]);
  const step = to - from > 12 * HOUR ? 3 * HOUR : 2 * HOUR;
  const marks = Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, i) => from + i * step);
  const first = [...midnights.values()][0] ?? 0;
  const legend = shown.map((lane) => laneNames[lane]).join(', ');
  return (
    <Pictured
      asks={asks.week}
      answer={pictureSays(picture, workspace.settings)}
      heads={['day', 'planned', 'actual', 'drift']}
      lines={days.map(({ date, planned, actual }) => [
        dateWords(date, workspace.settings),
        durationWords(planned),
        durationWords(actual),
        signedWords(actual - planned),
      ])}
      onLine={(line) => onDay(days[line]?.date ?? '')}
    >
      <View className="flex-row gap-1">
        <View style={{ width: HOURS, height: HEIGHT, marginTop: 44 }}>
          {marks.map((mark) => (
            <View key={mark} className="absolute right-0" style={{ top: y(mark) - 8 }}>
              <Words size="xs" face="mono" tone="soft">
                {hourWords(first + mark * MINUTE, zone, workspace.settings.clock)}
              </Words>
            </View>
          ))}
        </View>
        <View className="flex-1">
          <View className="flex-row">
            {days.map(({ date, planned, actual }) => (
              <Pressable
                key={date}
                role="button"
                aria-label={`${dateWords(date, workspace.settings)}: planned ${durationWords(planned)}, actual ${durationWords(actual)}`}
                onPress={() => onDay(date)}
                className="min-h-[44px] flex-1 items-center justify-center hover:bg-sunken"
              >
                <Words size="xs" face="strong">
                  {shortWeekday(weekdayOf(date))}
                </Words>
              </Pressable>
            ))}
          </View>
          <View
            role="img"
            aria-label={`Each day by its hours: ${legend}`}
            className="flex-row"
            style={{ height: HEIGHT }}
          >
            {marks.map((mark) => (
              <View
                key={mark}
                className="absolute left-0 right-0 border-t border-line"
                style={{ top: y(mark) }}
              />
            ))}
            {days.map(({ date }) => (
              <View key={date} className="flex-1 flex-row px-1">
                {shown.map((lane) => (
                  <View key={lane} className="flex-1">
                    {(lanes[lane] ?? [])
                      .filter((one) => one.date === date)
                      .map(({ subject, span }) => (
                        <View
                          key={`${subjectKey(subject)} ${span.from}`}
                          className={`hue-${hueOfSubject(subject, workspace, zone, now)} absolute border border-edge ${laneLooks[lane]}`}
                          style={{
                            top: y(minutesInto(date, span.from)),
                            height: Math.max(
                              2,
                              y(minutesInto(date, span.to)) - y(minutesInto(date, span.from)) - 1,
                            ),
                          }}
                        />
                      ))}
                  </View>
                ))}
              </View>
            ))}
          </View>
          <Words size="xs" tone="soft">
            From the left: {legend}.
          </Words>
        </View>
      </View>
    </Pictured>
  );
}
