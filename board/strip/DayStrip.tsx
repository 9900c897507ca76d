import { useEffect, useMemo, useRef } from 'react';
import { View, type ScrollView } from 'react-native';
import { dayPlan } from '@/core/plan/dayPlan';
import { spanOfBlock } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { dayOf, nameOfZone, type Zone } from '@/core/time/zone';
import { useCities } from '@/ui/cities';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { elementOf, webProps } from '@/ui/dom';
import { DRAG_HELP } from '../drag/DragLayer';
import { usePrinting } from '@/ui/printing';
import { Words } from '@/ui/Words';
import { DayColumn } from './DayColumn';
import { SLIVERS } from './cardParts';
import { NowWedge, Ruler, useRulerWidth } from './Ruler';
import { scaleOf, wallScaleOf } from './scale';
import { useNotesTouched } from './touched';
import { ScrollRegion } from '@/ui/ScrollRegion';

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

/** The hours of the day between which anything stands, or is worked, on some days: those that are put on paper. */
function useUsedHours(dates: readonly string[]): { from: number; to: number } {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const printing = usePrinting();
  if (!printing) return { from: 0, to: 24 };
  const hours = dates.flatMap((date) => {
    const plan = dayPlan(workspace, date, zone);
    const things = [...plan.working, ...plan.meetings, ...plan.blocks.map(spanOfBlock)];
    return things.flatMap(({ from, to }) => [from, to].map((at) => (at - plan.span.from) / (60 * MINUTE)));
  });
  const within = hours.filter((hour) => hour >= 0 && hour <= 24);
  if (within.length === 0) return { from: 7, to: 19 };
  return { from: Math.floor(Math.min(...within)), to: Math.min(24, Math.ceil(Math.max(...within)) + 1) };
}

/** How days are drawn on A4: as wide as it is upright, and as high as it leaves them when it lies. */
const paper = ({ from, to }: { from: number; to: number }) => ({
  width: PAPER.width,
  pixelsPerHour: PAPER.height / (to - from),
});
const PAPER = { width: 700, height: 440 };

/**
 * Days as strips that get measured: the ruler, then for each day what is planned in the wide lane and what really
 * happened in the narrow one. One day alone is drawn in the hours that pass; several by the clock on the wall.
 */
export function DayStrip({ dates, now, ...drawn }: Props) {
  const { zone } = useMoment();
  const { clock, secondZone } = useWorkspace().settings;
  const single = dates.length === 1;
  const used = useUsedHours(dates);
  const printing = usePrinting();
  const { width, pixelsPerHour = 72 } = printing ? paper(used) : drawn;
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
  const above = used.from * pixelsPerHour;
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
      <ScrollRegion
        ref={scroll}
        role="group"
        aria-label={single ? 'Hours of the day' : 'Hours of the days'}
        {...webProps({ 'aria-describedby': DRAG_HELP })}
      >
        <View
          style={printing ? { height: (used.to - used.from) * pixelsPerHour, overflow: 'hidden' } : undefined}
        >
          <View
            className="flex-row bg-surface"
            style={{ height: Math.max(...scales.map(({ height }) => height)), marginTop: -above }}
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
        </View>
      </ScrollRegion>
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
