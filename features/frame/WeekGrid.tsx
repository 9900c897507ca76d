import { useEffect, useMemo, useRef } from 'react';
import { ScrollView, View } from 'react-native';
import { addZone, editZone } from '@/core/commands/frames';
import type { Brush } from '@/core/frame/kinds';
import { minutesOfWeek, shapeOf, type Stretch } from '@/core/frame/shape';
import { DAY_MINUTES, type Frame, type FrameZone } from '@/core/model/frame';
import { durationWords, shortWeekday, timeWords } from '@/core/time/words';
import { clockOf } from '@/core/time/wall';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { timesWords } from '@/core/frame/words';
import { Marked } from './Marked';
import type { Mark } from './mark';
import { PaintCursor } from './PaintCursor';
import type { ZoneHours } from './pointer';
import { usePointer } from './usePointer';
import { weekdaysFrom } from '@/core/time/week';
import { ZoneStretch } from './ZoneStretch';

/** How high an hour is, in pixels. */
const HOUR = { wide: 34, narrow: 30 };
const RULER = 48;
/** The hour at which the week opens. */
const OPENS_AT = 5.5;

type Props = {
  frame: Frame;
  week: string;
  /** What is painted with; none while zones are moved and changed. */
  brush: Brush | undefined;
};

/** A week without dates: its zones, to paint, move and change. */
export function WeekGrid({ frame, week, brush }: Props) {
  const { weekStart, clock } = useWorkspace().settings;
  const hour = HOUR[useWide() ? 'wide' : 'narrow'];
  const height = 24 * hour;
  const weekdays = weekdaysFrom(weekStart);
  const shape = useMemo(() => shapeOf(frame.zones), [frame.zones]);
  const days = useRef<View>(null);
  const scroll = useRef<ScrollView>(null);
  useEffect(() => scroll.current?.scrollTo({ y: OPENS_AT * hour, animated: false }), [hour]);

  const paint = ({ columns, ...hours }: Mark) => {
    if (!brush) return;
    const zone = { ...brush, ...hours, id: newId(), days: columns.map((column) => weekdays[column] ?? 1) };
    store.run(
      addZone,
      { frameId: frame.id, week, zone },
      `${brush.name}: ${timesWords(zone, weekStart, clock)}`,
    );
  };
  const change = (zone: FrameZone, changes: ZoneHours) =>
    store.run(
      editZone,
      { frameId: frame.id, week, id: zone.id, changes },
      `${zone.name}: ${timesWords(changes, weekStart, clock)}`,
    );
  usePointer(days, { brush, zones: frame.zones, weekdays, onPaint: paint, onChange: change });

  return (
    <View className="flex-1 bg-surface low:h-[80vh]">
      <View className="flex-row border-b border-line" style={{ paddingLeft: RULER }}>
        {weekdays.map((weekday) => (
          <DayHead key={weekday} weekday={weekday} shape={shape} />
        ))}
      </View>
      <ScrollView ref={scroll} tabIndex={-1} aria-label="Hours of the week" className="flex-1">
        <View className="flex-row" style={{ height }}>
          <View aria-hidden style={{ width: RULER }}>
            {Array.from({ length: 23 }, (_, i) => (
              <View
                key={i}
                className="absolute right-0 flex-row items-center"
                style={{ top: (i + 1) * hour - 8 }}
              >
                <Words size="xs" face="mono" tone="soft">
                  {timeWords(clockOf((i + 1) * 60), clock).replace(/:00| /g, '')}
                </Words>
                <View className="ml-1 h-px w-2 bg-ink-soft" />
              </View>
            ))}
          </View>
          <View
            ref={days}
            role="group"
            aria-label="Days of the week, midnight to midnight"
            className={`flex-1 select-none ${brush ? 'cursor-crosshair' : ''}`}
            style={{ height }}
          >
            {weekdays.map((weekday, column) => (
              <View
                key={weekday}
                aria-hidden
                className="absolute bottom-0 top-0 border-l border-line"
                style={{ left: `${(100 * column) / 7}%`, pointerEvents: 'none' }}
              />
            ))}
            {Array.from({ length: 23 }, (_, i) => (
              <View
                key={i}
                aria-hidden
                className="absolute left-0 right-0 h-px bg-line-faint"
                style={{ top: (i + 1) * hour, pointerEvents: 'none' }}
              />
            ))}
            {shape.map((stretch) => (
              <ZoneStretch
                key={`${stretch.zone.id} ${stretch.weekday} ${stretch.from}`}
                stretch={stretch}
                isFirst={shape.find(({ zone }) => zone.id === stretch.zone.id) === stretch}
                column={weekdays.indexOf(stretch.weekday)}
                perMinute={height / DAY_MINUTES}
                frameId={frame.id}
                week={week}
                still={brush !== undefined}
                onChange={(hours) => change(stretch.zone, hours)}
              />
            ))}
            {brush && <PaintCursor brush={brush} hour={hour} onPaint={paint} />}
            <Marked weekdays={weekdays} perMinute={height / DAY_MINUTES} />
          </View>
        </View>
      </ScrollView>
    </View>
  );
}

type HeadProps = { weekday: number; shape: readonly Stretch[] };

/** A weekday, and how much work it has. */
function DayHead({ weekday, shape }: HeadProps) {
  const work = minutesOfWeek(
    shape.filter((stretch) => stretch.weekday === weekday && stretch.zone.kind === 'work'),
  );
  return (
    <View className="flex-1 items-center py-1">
      <Words face="strong">{shortWeekday(weekday)}</Words>
      <Words size="xs" tone="soft" numberOfLines={1} className="tracking-tight">
        {work > 0 ? durationWords(work) : 'off'}
      </Words>
    </View>
  );
}
