import { useEffect, useMemo, useRef } from 'react';
import { ScrollView, View } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { MINUTE } from '@/core/time/span';
import { dayOf, nameOfZone, type Zone } from '@/core/time/zone';
import { useCities } from '@/ui/cities';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { elementOf } from '@/ui/dom';
import { Words } from '@/ui/Words';
import { DayColumn } from './DayColumn';
import { SLIVERS } from './cardParts';
import { NowWedge, Ruler, useRulerWidth } from './Ruler';
import { scaleOf, wallScaleOf } from './scale';
import { useNotesTouched } from './touched';

type Props = {
  dates: readonly string[];
  now: number;
  /** How wide the strip is with its ruler, in pixels. */
  width: number;
  pixelsPerHour?: number;
};

/** Where the strip opens: a while before now, else before what comes first on these days. */
function useOpening(dates: readonly string[], now: number): number {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const plans = dates.map((date) => dayPlan(workspace, date, zone));
  const today = plans.find(({ span }) => now >= span.from && now < span.to);
  const intoDay = today
    ? now - 100 * MINUTE - today.span.from
    : Math.min(
        ...plans.flatMap(({ span, working, meetings, blocks }) =>
          [working[0]?.from ?? span.from + 9 * 60 * MINUTE, meetings[0]?.from, blocks[0]?.start]
            .filter((start) => start !== undefined)
            .map((start) => Math.max(0, start - span.from)),
        ),
      );
  return intoDay - 20 * MINUTE;
}

/**
 * Days as strips that get measured: the ruler, then for each day what is planned in the wide lane and what really
 * happened in the narrow one. One day alone is drawn in the hours that pass; several by the clock on the wall.
 */
export function DayStrip({ dates, now, width, pixelsPerHour = 72 }: Props) {
  const { zone } = useMoment();
  const { clock, secondZone } = useWorkspace().settings;
  const single = dates.length === 1;
  const scales = useMemo(
    () =>
      dates.map((date) =>
        single ? scaleOf(dayOf(date, zone), pixelsPerHour) : wallScaleOf(date, zone, pixelsPerHour),
      ),
    [dates, single, zone, pixelsPerHour],
  );
  const viewport = useRef<HTMLElement | null>(null);
  const scroll = useRef<ScrollView>(null);
  const opensAt = (useOpening(dates, now) / (60 * MINUTE)) * pixelsPerHour;
  const columnWidth = (width - useRulerWidth()) / dates.length;
  useNotesTouched(viewport, columnWidth < SLIVERS);
  const days = dates.join();
  const shown = useRef('');
  useEffect(() => {
    if (shown.current === days) return;
    shown.current = days;
    scroll.current?.scrollTo({ y: opensAt, animated: false });
  }, [days, opensAt]);

  const [first] = scales;
  const ofNow = scales.find(({ day }) => now >= day.from && now < day.to);
  if (!first) return null;
  return (
    <View
      ref={(view) => {
        viewport.current = elementOf(view);
      }}
      className="flex-1 bg-surface low:h-[75vh] low:flex-none"
    >
      {secondZone && <ZoneNames second={secondZone} />}
      <ScrollView ref={scroll} tabIndex={0} aria-label={single ? 'Hours of the day' : 'Hours of the days'}>
        <View
          className="flex-row bg-surface"
          style={{ height: Math.max(...scales.map(({ height }) => height)) }}
        >
          <Ruler scale={first} clock={clock} />
          {dates.map((date, i) => (
            <DayColumn
              key={date}
              date={date}
              now={now}
              scale={scales[i] ?? first}
              viewport={viewport}
              width={columnWidth}
              alone={single}
            />
          ))}
          {ofNow && <NowWedge scale={ofNow} now={now} clock={clock} />}
        </View>
      </ScrollView>
    </View>
  );
}

/** What the two columns of hours are the time of, above the ruler. */
function ZoneNames({ second }: { second: Zone }) {
  const { zone } = useMoment();
  const cities = useCities();
  return (
    <View className="flex-row border-b border-line bg-surface">
      {[second, zone].map((each, i) => (
        <View key={each} className={i === 0 ? 'w-[46px] pl-1' : 'pl-1'}>
          <Words size="xs" tone="soft" numberOfLines={1}>
            {cities?.cityOf(each) ?? nameOfZone(each)}
          </Words>
        </View>
      ))}
    </View>
  );
}
