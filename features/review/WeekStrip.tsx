import { useMemo } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';
import type { LedgerSums } from '@/core/review/ledger';
import { rangeSoFar, stretchAround, type Stretch } from '@/core/time/stretch';
import { dayMonthWords, driftWords, durationWords } from '@/core/time/words';
import { weekOf } from '@/core/time/week';
import { addDays } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { useWorkedOut } from '@/ui/useWorkedOut';

const HEIGHT = 40;
/** A week takes so much at least, with the name of its first day. */
const WIDTH = forText(54);

type Props = { stretch: Stretch; onShow: (stretch: Stretch) => void };

/** The weeks up to now, or around what is looked at, each with what was planned and done; one of them is chosen by a press. */
export function WeekStrip({ stretch, onShow }: Props) {
  const { zone, today, now } = useMoment();
  const { weekStart } = useWorkspace().settings;
  const { width } = useWindowDimensions();
  const count = Math.max(4, Math.min(12, Math.floor((width - 40) / WIDTH)));
  const thisWeek = weekOf(today, weekStart);
  const after = addDays(weekOf(stretch.last, weekStart), 7 * Math.floor(count / 3));
  const end = after < thisWeek ? after : thisWeek;
  const weeks = useMemo(
    () =>
      Array.from({ length: count }, (_, i) =>
        stretchAround('week', addDays(end, 7 * (i + 1 - count)), weekStart),
      ),
    [count, end, weekStart],
  );
  const spans = useMemo(() => weeks.map((week) => rangeSoFar(week, zone, now)), [weeks, zone, now]);
  const asked = useMemo(() => ({ spans, zone, now, yardstick: 'last' as const }), [spans, zone, now]);
  const found = useWorkedOut('sums', `${count} ${end}`, asked);
  const sums = 'answer' in found ? found.answer : [];
  const longest = Math.max(1, ...sums.flatMap(({ planned, actual }) => [planned, actual]));
  return (
    <View role="group" aria-label="Weeks" aria-busy={!('answer' in found)} className="flex-row">
      {weeks.map((week, i) => (
        <Week
          key={week.first}
          week={week}
          sums={sums[i]}
          longest={longest}
          chosen={stretch.first <= week.last && stretch.last >= week.first}
          onPress={() => onShow(week)}
        />
      ))}
    </View>
  );
}

type WeekProps = {
  week: Stretch;
  sums: LedgerSums | undefined;
  longest: number;
  chosen: boolean;
  onPress: () => void;
};

/** One week: planned outlined, actual filled beside it on one scale, its first day and by how much it drifted. */
function Week({ week, sums, longest, chosen, onPress }: WeekProps) {
  const { settings } = useWorkspace();
  const { planned = 0, actual = 0, drift = 0 } = sums ?? {};
  const hours = Math.round(drift / 60);
  const first = dayMonthWords(week.first, settings);
  const told = sums ? (hours === 0 ? '±0' : `${driftWords(hours)} h`) : '';
  const height = (minutes: number) => Math.round((HEIGHT * minutes) / longest);
  return (
    <Pressable
      role="button"
      aria-label={`Week of ${first} ${told}: planned ${durationWords(planned)}, actual ${durationWords(actual)}`}
      aria-pressed={chosen}
      onPress={onPress}
      className={`min-w-[44px] flex-1 items-center gap-1 border-b-2 py-1 hover:bg-sunken ${chosen ? 'border-pine' : 'border-line'}`}
    >
      <Words size="xs" face={chosen ? 'strong' : 'text'} tone={chosen ? 'ink' : 'soft'}>
        {first}
      </Words>
      <View className="flex-row items-end gap-0.5" style={{ height: HEIGHT }}>
        <View className="w-2.5 border border-meeting bg-surface" style={{ height: height(planned) }} />
        <View className="w-2.5 bg-pine" style={{ height: height(actual) }} />
      </View>
      <Words size="xs" tone={hours > 0 ? 'amber' : 'soft'}>
        {told}
      </Words>
    </Pressable>
  );
}
