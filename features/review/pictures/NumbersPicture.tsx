import { scaleLinear } from 'd3-scale';
import { Pressable, View } from 'react-native';
import { numberWords } from '@/core/plan/routines';
import type { NumberOver } from '@/core/review/ownNumbers';
import type { DaySum, PictureOf } from '@/core/review/told/picture';
import { asks, pictureSays } from '@/core/review/told/pictureSays';
import { dateWords, dayMonthWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Pictured } from '@/panels/parts/Pictured';

const HEIGHT = 40;
/** So many notes are named. */
const NOTES = 6;

const round = (number: number) => Math.round(10 * number) / 10;

/** One's own numbers day by day, the hours on record above them, and how the notes of the days begin. */
export function NumbersPicture({ picture }: { picture: PictureOf<'numbers'> }) {
  const { settings } = useWorkspace();
  const { numbers, notes, days } = picture;
  const dated = [
    ...new Set([...numbers.flatMap((one) => one.days), ...notes].map(({ date }) => date)),
  ].sort();
  const open = (date: string) => openPanel({ kind: 'dayNote', date });
  const valueOn = ({ counted, days: own }: NumberOver, date: string) => {
    const found = own.find((one) => one.date === date);
    return found ? numberWords(counted, found.value) : '–';
  };
  return (
    <Pictured
      asks={asks.numbers}
      answer={pictureSays(picture, settings)}
      heads={['day', 'on record', ...numbers.map(({ counted }) => counted.name)]}
      lines={dated.map((date) => [
        dateWords(date, settings),
        durationWords(days.find((day) => day.date === date)?.actual ?? 0),
        ...numbers.map((one) => valueOn(one, date)),
      ])}
      onLine={(line) => open(dated[line] ?? '')}
    >
      <View className="gap-3 px-2">
        {numbers.length > 0 && (
          <Row
            name="On record"
            range={`at most ${durationWords(Math.max(0, ...days.map(({ actual }) => actual)))}`}
            dates={days.map(({ date }) => date)}
            value={(date) => days.find((day) => day.date === date)?.actual || undefined}
            look="bg-meeting"
          />
        )}
        {numbers.map((one) => (
          <Row
            key={one.counted.id}
            name={one.counted.name}
            range={rangeWords(one)}
            dates={days.map(({ date }: DaySum) => date)}
            value={(date) => one.days.find((day) => day.date === date)?.value}
            look="bg-pine"
          />
        ))}
        {notes.slice(-NOTES).map(({ date, words }) => (
          <Pressable
            key={date}
            role="button"
            onPress={() => open(date)}
            className="min-h-[44px] justify-center border-t border-line hover:bg-sunken"
          >
            <Words numberOfLines={2}>
              {dateWords(date, settings)}: {words}
            </Words>
          </Pressable>
        ))}
        {notes.length > NOTES && (
          <Words size="xs" tone="soft">
            and {notes.length - NOTES} earlier notes, in the figures; the first on{' '}
            {dayMonthWords(notes[0]?.date ?? '', settings)}
          </Words>
        )}
      </View>
    </Pictured>
  );
}

/** The mean and the range of a number, and on how many days they rest. */
function rangeWords({ counted, days, mean, least, most }: NumberOver): string {
  const on = days.length === 1 ? 'one day' : `${days.length} days`;
  if (counted.kind === 'yesNo') return `yes on ${days.filter(({ value }) => value > 0).length} of ${on}`;
  const [low, middle, high] = [least, round(mean), most].map((value) => numberWords(counted, value));
  return `${middle} in the mean, ${low} to ${high}, on ${on}`;
}

type RowProps = {
  name: string;
  range: string;
  dates: readonly string[];
  value: (date: string) => number | undefined;
  look: string;
};

/** A number as a bar a day; days without one stay empty. */
function Row({ name, range, dates, value, look }: RowProps) {
  const values = dates.map(value);
  const y = scaleLinear([0, Math.max(1, ...values.map((one) => one ?? 0))], [0, HEIGHT]).clamp(true);
  return (
    <View role="img" aria-label={`${name}: ${range}`} className="gap-1">
      <View className="flex-row flex-wrap justify-between gap-x-3">
        <Words size="xs" face="strong">
          {name}
        </Words>
        <Words size="xs" tone="soft">
          {range}
        </Words>
      </View>
      <View className="flex-row items-end border-b border-line" style={{ height: HEIGHT + 1 }}>
        {dates.map((date, i) => (
          <View key={date} className="flex-1 items-center">
            <View
              className={`max-w-[14px] ${look}`}
              style={{ width: '70%', height: values[i] === undefined ? 0 : Math.max(2, y(values[i])) }}
            />
          </View>
        ))}
      </View>
    </View>
  );
}
