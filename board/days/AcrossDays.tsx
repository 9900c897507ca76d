import { useState } from 'react';
import { Button } from '@/ui/Button';
import { forText } from '@/ui/textScale';
import { useMoment } from '@/ui/clock';
import { View, type ViewStyle } from 'react-native';
import { furtherDays, type Segment } from '@/core/plan/spanning';
import { daysBetween } from '@/core/time/zone';
import { useDropArea } from '../drag/areas';
import { aimsAtTray, useDrag, wholeDays } from '../drag/dragStore';
import { WholeDayCard } from './WholeDayCard';

const ROW = forText(26);
/** How many rows are in sight; how many more there are stands below them. */
const MOST_ROWS = 4;

const across = (first: number, last: number, count: number): ViewStyle => ({
  left: `${(100 * first) / count}%`,
  width: `${(100 * (last - first + 1)) / count}%`,
});

const placeOf = (first: number, last: number, lane: number, count: number): ViewStyle => ({
  top: lane * ROW,
  height: ROW - 2,
  ...across(first, last, count),
});

type Props = { segments: readonly Segment[]; dates: readonly string[]; left: number };

/** Events of whole days, drawn across the days that they take. */
export function AcrossDays({ segments, dates, left }: Props) {
  const [all, setAll] = useState(false);
  const rows = 1 + Math.max(-1, ...segments.map(({ lane }) => lane));
  if (rows === 0) return null;
  const most = all ? rows : MOST_ROWS;
  const shown = segments.filter(({ lane }) => lane < most);
  const hidden = segments.length - shown.length;
  return (
    <View role="group" aria-label="All day" style={{ paddingLeft: left }}>
      <View style={{ height: Math.min(rows, most) * ROW }}>
        {dates.map((date, i) => (
          <DaySlot key={date} date={date} place={i} count={dates.length} />
        ))}
        {shown.map((segment) => (
          <SegmentCard key={segment.event.id} segment={segment} count={dates.length} />
        ))}
        <DaysGhost dates={dates} />
      </View>
      {(hidden > 0 || all) && (
        <View className="flex-row">
          <Button
            label={all ? 'Fewer of them' : `and ${hidden} more that take days whole`}
            kind="quiet"
            onPress={() => setAll(!all)}
          />
        </View>
      )}
    </View>
  );
}

function SegmentCard({ segment, count }: { segment: Segment; count: number }) {
  const { event, first, last, lane, before, after } = segment;
  return (
    <WholeDayCard
      event={event}
      words={`${before ? '… ' : ''}${event.title}${after ? ' …' : ''}`}
      className="absolute px-1.5"
      style={placeOf(first, last, lane, count)}
    />
  );
}

/** Takes what is let go on a day, above its hours. */
function DaySlot({ date, place, count }: { date: string; place: number; count: number }) {
  const { attach } = useDropArea({ kind: 'tray', date });
  const aimed = useDrag((state) => aimsAtTray(state, date));
  return (
    <View
      ref={attach}
      className={`absolute bottom-0 top-0 ${aimed ? 'bg-surface' : ''}`}
      style={across(place, place, count)}
    />
  );
}

/** The days that an event of whole days would take. */
function DaysGhost({ dates }: { dates: readonly string[] }) {
  const { zone } = useMoment();
  const event = useDrag(({ dragged }) => dragged && wholeDays(dragged));
  const from = useDrag(({ target }) => (target?.kind === 'days' ? target.date : null));
  const [day] = dates;
  if (!event || from === null || day === undefined) return null;
  const first = daysBetween(day, from);
  const last = first + furtherDays(event, zone);
  if (last < 0 || first >= dates.length) return null;
  return (
    <View
      aria-hidden
      className="absolute border-2 border-dashed border-pine"
      style={{
        ...placeOf(Math.max(0, first), Math.min(dates.length - 1, last), 0, dates.length),
        pointerEvents: 'none',
      }}
    />
  );
}
