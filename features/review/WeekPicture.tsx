import { scaleLinear } from 'd3-scale';
import { Pressable, View } from 'react-native';
import { hueOfSubject } from '@/core/plan/lens';
import { sumsOf, type LedgerRow } from '@/core/review/ledger';
import { MINUTE } from '@/core/time/span';
import {
  durationWords,
  hourWords,
  shortWeekday,
  signedWords,
  weekdayNames,
  dateWords,
} from '@/core/time/words';
import { dayOf, weekdayOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { Pictured } from './Pictured';

const HEIGHT = 260;
const HOUR = 60;
/** How wide the names of the hours are. */
const HOURS = forText(30);

type Props = { dates: readonly string[]; rows: readonly LedgerRow[]; onDay: (date: string) => void };

/** A week on one scale: what was planned outlined, what happened filled beside it. */
export function WeekPicture({ dates, rows, onDay }: Props) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const midnights = new Map(dates.map((date) => [date, dayOf(date, zone).from]));
  const minutesInto = (date: string, at: number) => (at - (midnights.get(date) ?? 0)) / MINUTE;
  const edges = rows.flatMap(({ date, spans }) =>
    [...spans.planned, ...spans.actual].flatMap(({ from, to }) => [
      minutesInto(date, from),
      minutesInto(date, to),
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
  const days = dates.map((date) => ({ date, sums: sumsOf(rows.filter((row) => row.date === date)) }));
  const [furthest] = days
    .filter(({ sums }) => sums.drift !== 0)
    .sort((a, b) => Math.abs(b.sums.drift) - Math.abs(a.sums.drift));
  const first = midnights.get(dates[0] ?? '') ?? 0;
  return (
    <Pictured
      asks="The week, planned and as it was"
      answer={
        furthest
          ? `${weekdayNames[weekdayOf(furthest.date) - 1]} drifted most: ${signedWords(furthest.sums.drift)}`
          : 'No day drifted'
      }
      heads={['day', 'planned', 'actual', 'drift']}
      lines={days.map(({ date, sums: own }) => [
        dateWords(date, workspace.settings),
        durationWords(own.planned),
        durationWords(own.actual),
        signedWords(own.drift),
      ])}
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
            {days.map(({ date, sums: own }) => (
              <Pressable
                key={date}
                role="button"
                aria-label={`${dateWords(date, workspace.settings)}: planned ${durationWords(own.planned)}, actual ${durationWords(own.actual)}`}
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
            aria-label="Each day: planned outlined, what happened filled beside it, by the hours of the day"
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
              <View key={date} className="flex-1 flex-row px-1.5">
                {(['planned', 'actual'] as const).map((lane) => (
                  <View key={lane} className="flex-1">
                    {rows
                      .filter((row) => row.date === date)
                      .flatMap((row) =>
                        row.spans[lane].map((span) => (
                          <View
                            key={`${row.key} ${span.from}`}
                            className={`hue-${hueOfSubject(row.subject, workspace, zone, now)} absolute border border-edge ${lane === 'planned' ? 'left-0 right-px bg-fill' : 'left-px right-0 bg-edge'}`}
                            style={{
                              top: y(minutesInto(date, span.from)),
                              height: Math.max(
                                2,
                                y(minutesInto(date, span.to)) - y(minutesInto(date, span.from)) - 1,
                              ),
                            }}
                          />
                        )),
                      )}
                  </View>
                ))}
              </View>
            ))}
          </View>
        </View>
      </View>
    </Pictured>
  );
}
